/** Reads what a person chose on this device; the standard where nothing good is kept. */
export function kept<T>(name: string, standard: T, isGood: (value: unknown) => value is T): T {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(name) ?? 'null');
    return isGood(value) ? value : standard;
  } catch {
    return standard;
  }
}

/** Keeps what a person chose on this device. */
export function keep(name: string, value: unknown): void {
  localStorage.setItem(name, JSON.stringify(value));
}
