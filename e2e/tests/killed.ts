import { chromium } from '@playwright/test';
import type { BrowserContext } from '@playwright/test';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Cook } from './cook';

/** The browser's own process of a profile, not one of its children. */
function pidOf(profile: string): number {
  for (const pid of readdirSync('/proc').filter((p) => /^\d+$/.test(p))) {
    try {
      const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
      if (line.includes(profile) && !line.includes('--type=') && line.includes('chrom')) return Number(pid);
    } catch {
      // Gone between the list and the look.
    }
  }
  throw new Error('no browser of this profile');
}
/** A browser that keeps what it knows on disk, and can be killed as by a cut of the power. */
export class Killable {
  readonly #profile = mkdtempSync(join(tmpdir(), 'cook-'));
  #context: BrowserContext | null = null;
  constructor(readonly baseURL: string | undefined) {}

  async open(): Promise<Cook> {
    const context = await chromium.launchPersistentContext(this.#profile, {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
      ...(this.baseURL === undefined ? {} : { baseURL: this.baseURL }),
    });
    this.#context = context;
    return new Cook(context.pages()[0] ?? (await context.newPage()));
  }
  async kill(): Promise<void> {
    process.kill(pidOf(this.#profile), 'SIGKILL');
    await this.#context?.close().catch(() => undefined);
    this.#context = null;
  }
  async end(): Promise<void> {
    await this.#context?.close().catch(() => undefined);
    rmSync(this.#profile, { recursive: true, force: true });
  }
}
/** What a running clock says, s. */
export const secondsOf = (t: string): number => t.split(':').reduce((a, x) => 60 * a + Number(x), 0);
