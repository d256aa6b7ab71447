/** How a figure came about: the sum with these numbers, the convention, the source, the other school. */
export interface Explanation {
  /** The sum, a line at a time. */
  sum: string[];
  convention: string;
  source: string;
  otherSchool?: string | undefined;
}
