const PREFIX = 'dew.taps.';
const LATELY_MS = 15000;

/**
 * Taps that have not reached the server yet. Each stands under a key of its own in the device's storage until it has, so that a reload
 * loses none and two windows do not write over each other. Where the device stores nothing, they are kept for as long as the page is open.
 */
export class TapQueue {
    constructor(name, storage = localStorage, session = sessionStorage) {
        this.name = PREFIX + name;
        this.key = `${this.name}/`;
        this.storage = storage;
        this.session = session;
        this.kept = new Map();
        this.count = 0;
        this.takeOver();
    }

    /** @returns {object[]} in the order in which they were tapped */
    all() {
        const taps = new Map(this.kept);
        for (const key of this.keys()) {
            try {
                taps.set(key, JSON.parse(this.storage.getItem(key)));
            } catch {
                // Not a tap: somebody else wrote it.
            }
        }

        return [...taps].filter(([, tap]) => tap?.id !== undefined).sort(([one], [other]) => (one < other ? -1 : 1)).map(([, tap]) => tap);
    }

    isEmpty() {
        return this.all().length === 0;
    }

    /**
     * The last tap at a counter that the server has not answered and nothing here undoes.
     *
     * @returns {string|null} its id
     */
    latest(anchor) {
        return this.all().findLast(({ id, kind, anchor: at }) => at === anchor && kind !== 'undo' && !this.isUndone(id))?.id ?? null;
    }

    /** True while an undo of that tap is on its way. */
    isUndone(id) {
        return this.all().some(({ undoes }) => undoes === id);
    }

    add(tap) {
        this.count += 1;
        const moment = String(Date.now()).padStart(15, '0');
        this.write(`${this.key}${moment}.${String(this.count).padStart(6, '0')}.${tap.id}`, tap);
        try {
            this.session.setItem(this.name, String(Date.now()));
        } catch {
            // It only tells the next page to look again.
        }
    }

    /** True shortly after a tap, also on the next page: that page may have been drawn before the tap was counted. */
    wasUsedLately() {
        try {
            return Date.now() - Number(this.session.getItem(this.name) ?? 0) < LATELY_MS;
        } catch {
            return false;
        }
    }

    remove(id) {
        for (const key of [...this.kept.keys(), ...this.keys()].filter((name) => name.endsWith(`.${id}`))) {
            this.kept.delete(key);
            this.storage.removeItem(key);
        }
    }

    /** From now on nobody is looking at these: as much of each as fits is to be counted. */
    markAllWaiting() {
        for (const [key, tap] of this.kept) {
            this.kept.set(key, { ...tap, queued: true });
        }
        for (const key of this.keys()) {
            const text = this.storage.getItem(key);
            if (text !== null && !text.includes('"queued":true')) {
                this.write(key, { ...JSON.parse(text), queued: true });
            }
        }
    }

    keys() {
        try {
            return Array.from({ length: this.storage.length }, (_, index) => this.storage.key(index)).filter((key) => key?.startsWith(this.key));
        } catch {
            return [];
        }
    }

    write(key, tap) {
        try {
            this.storage.setItem(key, JSON.stringify(tap));
        } catch {
            this.kept.set(key, tap);
        }
    }

    /** Taps that an earlier release kept all together under one key. */
    takeOver() {
        try {
            const earlier = JSON.parse(this.storage.getItem(this.name) ?? '[]');
            earlier.forEach((tap) => this.add({ ...tap, queued: true }));
            this.storage.removeItem(this.name);
        } catch {
            // Nothing that can be read.
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
