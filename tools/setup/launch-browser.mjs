import { chromium } from '@playwright/test';
import { browserPath } from './browser.mjs';

/** Debian's browser, as the benches, attacks and pictures drive it. */
export const launchBrowser = () =>
  chromium.launch({ executablePath: browserPath(), args: ['--disable-gpu'] });
