import { Floors } from './floors';
import { Search } from './search';
import type { Found } from './search';
import type { Problem } from './types';

/** What is proved within so many nodes needs nothing more. */
const PLAIN = 150;

/** A search that, where it does not end soon, first finds what fewer of the milks cost, and goes on with that. */
export class Proof {
  readonly #search: Search;
  readonly #floors: Floors;
  #known = false;

  constructor(p: Problem) {
    this.#search = new Search(p);
    this.#floors = new Floors(p);
  }
  /** So many nodes more, or one set of milks. true: it is done. */
  run(nodes: number): boolean {
    if (this.#known || this.#search.found.nodes < PLAIN) return this.#search.run(nodes);
    if (this.#floors.run()) {
      this.#known = true;
      this.#search.stand(this.#floors.found);
    }
    return this.#search.run(0);
  }
  get found(): Found {
    return this.#search.found;
  }
}
