import { gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';

/** Script that a page may bring, gzipped, kB. */
const MOST = 350;

const kilobytes = (bytes: number): number => Math.round(bytes / 1024);

/** What comes of a build, as far as it matters here. */
type Bundle = Record<
    string,
    { type: string; name?: string; fileName: string; isEntry?: boolean; facadeModuleId?: string | null; imports?: string[]; code?: string }
>;

/** All chunks that come with one, itself among them. */
function withImports(bundle: Bundle, name: string, seen = new Set<string>()): Set<string> {
    const chunk = bundle[name];
    if (seen.has(name) || chunk?.type !== 'chunk') return seen;
    seen.add(name);
    for (const other of chunk.imports ?? []) withImports(bundle, other, seen);
    return seen;
}

/** Prints, after a build, how much script each page brings with it when it is the first that is opened. */
export function scriptSize(): Plugin {
    return {
        name: 'script-size',
        writeBundle(_, written) {
            const bundle = written as Bundle;
            const chunks = Object.values(bundle).filter(({ type }) => type === 'chunk');
            const entry = chunks.find(({ isEntry }) => isEntry);
            if (!entry) return;
            for (const page of chunks.filter(({ facadeModuleId }) => /\/pages\/\w+\.vue/.test(facadeModuleId ?? ''))) {
                const names = withImports(bundle, page.fileName, withImports(bundle, entry.fileName));
                const size = kilobytes([...names].reduce((sum, name) => sum + gzipSync(bundle[name]?.code ?? '').length, 0));
                const over = size > MOST ? `: more than ${MOST}` : '';
                console.log(`${(page.name ?? '').padEnd(14)} ${String(size).padStart(4)} kB of script, gzipped${over}`);
            }
        },
    };
}
