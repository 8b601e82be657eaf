import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { build } from 'vite';

const web = fileURLToPath(new URL('./', import.meta.url));

/** What a page needs before anything shows: the scripts its index.html names, gzip, kB. */
function firstLoadKB(dist: string): number {
  const html = readFileSync(join(dist, 'index.html'), 'utf8');
  const names = [...html.matchAll(/(?:src|href)="\/?([^"]+\.js)"/g)].map((m) => m[1] ?? '');
  return names.reduce((kB, name) => kB + gzipSync(readFileSync(join(dist, name))).length / 1000, 0);
}

const MAIN = `
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Outlet } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import './app.css';
const client = new QueryClient();
function Home() {
  const q = useQuery({ queryKey: ['one'], queryFn: async () => 1 });
  return <main><button className="btn">{q.data}</button><Outlet /></main>;
}
const router = createBrowserRouter([{ path: '/', Component: Home }]);
createRoot(document.getElementById('root')).render(
  <StrictMode><QueryClientProvider client={client}><RouterProvider router={router} /></QueryClientProvider></StrictMode>,
);
`;
const CSS = "@import 'tailwindcss';\n@plugin 'daisyui';\n";
const HTML =
  '<!doctype html><html lang="en"><body><div id="root"></div><script type="module" src="/main.tsx"></script></body></html>';

/** Ours and a bare starter of the same libraries, both built now by the same tool. */
async function bundleSizes(): Promise<{ readonly ours: number; readonly starter: number }> {
  // Inside web, so that it finds the same packages.
  const dir = mkdtempSync(join(web, '.starter-'));
  try {
    writeFileSync(join(dir, 'index.html'), HTML);
    writeFileSync(join(dir, 'main.tsx'), MAIN);
    writeFileSync(join(dir, 'app.css'), CSS);
    const common = { logLevel: 'error' as const, configFile: false as const };
    await build({ ...common, root: dir, plugins: [react(), tailwind()], build: { outDir: join(dir, 'dist') } });
    await build({
      root: web,
      configFile: join(web, 'vite.config.ts'),
      logLevel: 'error',
      build: { outDir: join(dir, 'ours'), emptyOutDir: true },
    });
    return { ours: firstLoadKB(join(dir, 'ours')), starter: firstLoadKB(join(dir, 'dist')) };
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

console.log(JSON.stringify(await bundleSizes()));
