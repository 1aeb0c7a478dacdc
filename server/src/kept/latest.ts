/**
 * Keeps what was used latest, up to a size in all. Nothing but time is lost when something is forgotten.
 *
 * @example
 * const kept = new Latest<string>(2, () => 1);
 * kept.set('a', 'A').set('b', 'B').set('c', 'C');
 * kept.get('a') // undefined
 */
export class Latest<V> {
  private readonly values = new Map<string, V>();
  private size = 0;

  constructor(
    private readonly mostSize: number,
    private readonly sizeOf: (value: V) => number = () => 1,
  ) {}

  get(key: string): V | undefined {
    const value = this.values.get(key);
    if (value === undefined) return undefined;
    this.values.delete(key);
    this.values.set(key, value);
    return value;
  }

  set(key: string, value: V): this {
    this.forget(key);
    this.values.set(key, value);
    this.size += this.sizeOf(value);
    for (const oldest of this.values.keys()) {
      if (this.size <= this.mostSize) break;
      this.forget(oldest);
    }
    return this;
  }

  private forget(key: string): void {
    const value = this.values.get(key);
    if (value === undefined) return;
    this.values.delete(key);
    this.size -= this.sizeOf(value);
  }
}
