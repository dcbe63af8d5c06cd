/**
 * Where Debian puts its Chromium, and the flags under which it renders without a screen or GPU.
 * Pages are drawn without the emulated GPU, which costs several times more; only WebGL goes through it.
 */
export const CHROMIUM = process.env['CHROMIUM'] ?? '/usr/bin/chromium';

export const CHROMIUM_FLAGS: string[] = [
  '--no-sandbox',
  '--disable-gpu-compositing',
  '--use-angle=swiftshader',
  '--enable-unsafe-swiftshader',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
  '--disable-quic',
  '--force-color-profile=srgb',
];
