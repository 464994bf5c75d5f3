/** Letters that nobody else has; pages that came without TLS can make them too, which the browser's own UUIDs cannot. */
export const randomKey = (): string =>
    Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');
