import { existsSync } from 'node:fs';
import { installDebianPackages } from './debian-package.mjs';

/** Debian's browser without windows: of the two it takes half as much time for what is not a page. */
const WITHOUT_WINDOWS = '/usr/bin/chromium-headless-shell';
const WITH_WINDOWS = '/usr/bin/chromium';

/** The browser that is driven: as GREVIK_CHROMIUM says, else Debian's. */
export const browserPath = () =>
  process.env.GREVIK_CHROMIUM ??
  [WITHOUT_WINDOWS, WITH_WINDOWS].find((path) => existsSync(path)) ??
  WITHOUT_WINDOWS;

/** Installs Debian's browser where there is none. */
export async function installBrowser() {
  if (!existsSync(browserPath())) await installDebianPackages(['chromium-headless-shell'], 'Chromium');
}
