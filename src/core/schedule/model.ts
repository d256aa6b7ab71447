import { isOneHeat } from "../heat/oven";
/** Whole minutes on the plan's own clock: 0 is where the plan begins. */
export type Minute = number;

/** Something a task holds while it lasts. */
export interface Use {
  resourceId: string;
  /** Litres of a fridge, shelves of an oven, rings of a hob, pairs of hands. */
  amount: number;
  /** An oven has one temperature at a time; left out, it takes the heat as it comes. */
  ovenC?: number;
}

/** One thing that takes time. A soak stretches between its edges; most acts take what they take. */
export interface Task {
  id: string;
  dishId: string;
  title: string;
  minMin: number;
  preferMin: number;
  maxMin: number;
  /** Somebody stands by it: never in closed hours. */
  handsOn: boolean;
  uses: Use[];
  /** Not before, and over by; left out where only its neighbours bind it. */
  fromMin?: Minute;
  untilMin?: Minute | undefined;
  /** Begins by then; 0 for what is under way already. */
  latestStartMin?: Minute;
  /** When it began, for what is under way already. */
  beganMin?: Minute;
  /** What asks for its least and its longest time: named when it clashes. */
  demand?: string;
  /** Somebody gets up for it where nothing else helps: not bound by the hours of these demands. */
  upFor?: string;
  /** It is hot food: the nearer to the table it ends, the better. */
  hot?: boolean;
}

export type End = "start" | "end";

/** From one end of a task to an end of another: at least, and at most, so many minutes. */
export interface Link {
  before: string;
  from: End;
  after: string;
  to: End;
  minMin: number;
  maxMin?: number;
  /** Just so long where nothing stands against it: an act at its minute, trays that end together. */
  wantedMin?: number;
  /** Little is lost where it is not so. */
  gently?: true;
  demand?: string;
}

export interface Resource {
  id: string;
  name: string;
  kind: "fridge" | "oven" | "hob" | "cooler" | "hands" | "tray" | "vessel";
  capacity: number;
}

export interface Span {
  fromMin: Minute;
  toMin: Minute;
}

/** Hours in which nothing hands-on may lie: the night, an absence. */
export interface Closed extends Span {
  demand: string;
}

/** The cook has put a task just there. */
export interface Pin {
  taskId: string;
  atMin: Minute;
  demand: string;
}

export interface Problem {
  tasks: Task[];
  pins?: Pin[] | undefined;
  links: Link[];
  resources: Resource[];
  closed: Closed[];
  /** Hours in which hands-on acts are possible and unloved: early and late. */
  unloved: Span[];
  tableMin: Minute;
  /** Nothing is planned past this. */
  horizonMin: Minute;
}

export interface Placed {
  start: Minute;
  end: Minute;
}

/** Where every task lies. */
export type Plan = Readonly<Record<string, Placed>>;

/** Whether closed hours bind a task. */
export const isBoundBy = (task: Pick<Task, "handsOn" | "upFor">, closed: Closed): boolean =>
  task.handsOn && task.upFor !== closed.demand;

/** Whether two uses of one oven cannot be at once for their heats. */
export const heatsClash = (a: Use, b: Use): boolean =>
  a.ovenC !== undefined && b.ovenC !== undefined && !isOneHeat(a.ovenC, b.ovenC);

/** Heats an oven with nothing in it yet. */
export const isHeating = (task: Pick<Task, "uses">): boolean =>
  task.uses.some((u) => u.amount === 0 && u.ovenC !== undefined);

/** What a resource is called among the demands. */
export const resourceDemand = (resourceId: string): string => `resource:${resourceId}`;
