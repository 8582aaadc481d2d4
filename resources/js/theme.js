const YEAR = 365 * 24 * 60 * 60;

/** Switches between light and dark. The choice goes into a cookie so that the next page is drawn right from the start. */
const toggle = () => {
    const root = document.documentElement;
    const dark = root.dataset.bsTheme ? root.dataset.bsTheme === 'dark' : matchMedia('(prefers-color-scheme: dark)').matches;
    root.dataset.bsTheme = dark ? 'light' : 'dark';
    document.cookie = `dew_theme=${root.dataset.bsTheme}; path=/; max-age=${YEAR}; samesite=lax`;
};

export const theme = () => document.querySelectorAll('[data-theme-switch]').forEach((button) => button.addEventListener('click', toggle));
