const PREFIX = 'dew.taps.';
const LATELY_MS = 15000;

/** Taps that have not reached the server yet. They stand in the device's storage until they have, so that a reload loses none. */
export class TapQueue {
    constructor(name) {
        this.key = PREFIX + name;
    }

    all() {
        try {
            return JSON.parse(localStorage.getItem(this.key)) ?? [];
        } catch {
            return [];
        }
    }

    add(tap) {
        sessionStorage.setItem(this.key, String(Date.now()));
        this.save([...this.all(), tap]);
    }

    /** True shortly after a tap, also on the next page: that page may have been drawn before the tap was counted. */
    wasUsedLately() {
        return Date.now() - Number(sessionStorage.getItem(this.key) ?? 0) < LATELY_MS;
    }

    remove(id) {
        this.save(this.all().filter((tap) => tap.id !== id));
    }

    save(taps) {
        if (taps.length === 0) {
            localStorage.removeItem(this.key);
        } else {
            localStorage.setItem(this.key, JSON.stringify(taps));
        }
    }
}

/** At sign-out nothing of a person stays on the device. */
export const forgetQueues = () => {
    for (const storage of [localStorage, sessionStorage]) {
        Object.keys(storage)
            .filter((key) => key.startsWith(PREFIX))
            .forEach((key) => storage.removeItem(key));
    }
};

/** A version 4 UUID; `crypto.randomUUID` is missing on plain HTTP. */
export const newId = () => {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6] & 0x0f) | 0x40;
    bytes[8] = (bytes[8] & 0x3f) | 0x80;
    const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');

    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
};
