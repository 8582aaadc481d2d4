/** What a browser gives a page to keep things in: enough of it for these tests, in memory. */
class MemoryStorage {
    #items = new Map();

    constructor() {
        // The keys of a browser's storage can be listed like those of any object.
        return new Proxy(this, { ownKeys: () => [...this.#items.keys()], getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }), get: (_, name) => this.member(name) });
    }

    member(name) {
        const members = {
            length: this.#items.size,
            key: (index) => [...this.#items.keys()][index] ?? null,
            getItem: (key) => this.#items.get(key) ?? null,
            setItem: (key, value) => void this.#items.set(key, String(value)),
            removeItem: (key) => void this.#items.delete(key),
            clear: () => this.#items.clear(),
        };

        return members[name];
    }
}

globalThis.localStorage = new MemoryStorage();
globalThis.sessionStorage = new MemoryStorage();
globalThis.document ??= { cookie: '' };
