/** Counts down by the server's clock, whatever this device's says, and reloads once the hour has come. */
export const countdown = () => ({
    days: '–',
    hours: '–',
    minutes: '–',
    seconds: '–',

    init() {
        const opens = Number(this.$el.dataset.opens);
        const ahead = Number(this.$el.dataset.now) - Date.now();
        const timer = setInterval(() => this.show(opens - Date.now() - ahead, timer), 1000);
        this.show(opens - Date.now() - ahead, timer);
    },

    show(left, timer) {
        const seconds = Math.max(0, Math.ceil(left / 1000));
        this.days = Math.floor(seconds / 86400);
        this.hours = Math.floor((seconds % 86400) / 3600);
        this.minutes = Math.floor((seconds % 3600) / 60);
        this.seconds = seconds % 60;
        if (seconds === 0) {
            clearInterval(timer);
            // Everybody's hour strikes at once: spread the rush over a few seconds.
            setTimeout(() => location.reload(), 500 + Math.random() * 3000);
        }
    },
});
