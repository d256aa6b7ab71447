import { versionOf } from "@/contracts/work-now";

/** How often something happened, as a version of a server process; told once for all that happened in one go. */
export class Count {
  #n = 0;
  #told = 0;

  constructor(private readonly process: string) {}

  get version(): string {
    return versionOf(this.process, this.#n);
  }

  /** @returns whether it is the first since it was told */
  more(): boolean {
    return this.#n++ === this.#told;
  }

  /** What is to be told, which is then taken as told; undefined where it was. */
  toTell(): string | undefined {
    if (this.#n === this.#told) return undefined;
    this.#told = this.#n;
    return this.version;
  }
}
