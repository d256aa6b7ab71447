import { HANDS } from "./dishes";
import type { Link, Task } from "./model";

export interface DishTasks {
  tasks: Task[];
  links: Link[];
}

/** Put on the table in so short a time, and so long before it at most, min. *Practice*. */
const SERVE_MIN = 5;
const SERVE_FROM_MIN = 30;

/** The tasks of one dish as they are put one after another. */
export class TaskChain implements DishTasks {
  readonly tasks: Task[] = [];
  readonly links: Link[] = [];
  /** What the next one follows. */
  last: string | undefined;

  constructor(private readonly dishId: string) {}

  /** Adds a task of so many minutes. @returns its id */
  put(what: string, title: string, minutes: number, part: Partial<Task> = {}): string {
    const id = `${this.dishId}/${what}`;
    const handsOn = part.handsOn ?? false;
    this.tasks.push({
      id,
      dishId: this.dishId,
      title,
      minMin: minutes,
      preferMin: minutes,
      maxMin: minutes,
      ...part,
      handsOn,
      uses: [...(part.uses ?? []), ...(handsOn ? [{ resourceId: HANDS, amount: 1 }] : [])],
    });
    return id;
  }

  /** From the end of one to the start of another, unless said otherwise. */
  link(before: string, after: string, minMin: number, maxMin?: number, part: Partial<Link> = {}): void {
    this.links.push({ before, from: "end", after, to: "start", minMin, maxMin, ...part });
  }

  /** Lets a task follow the last one within so many minutes, and be the last. */
  follow(task: string, mostMin: number): void {
    if (this.last) this.link(this.last, task, 0, mostMin);
    this.last = task;
  }

  /** What is under way already: it starts where the plan does. */
  startsNow(id: string): void {
    const task = this.tasks.find((t) => t.id === id);
    if (task) task.latestStartMin = 0;
  }

  /** Carried to the table within its half hour. */
  serve(name: string, tableMin: number): string {
    return this.put("serve", `${name} to the table`, SERVE_MIN, {
      handsOn: true,
      fromMin: tableMin - SERVE_FROM_MIN,
      untilMin: tableMin,
      demand: `table:${this.dishId}`,
    });
  }
}
