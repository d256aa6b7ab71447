import { z } from "zod";
import { saltSchema, foodSchema, ingredientSchema } from "@/contracts/materials";
import { ownVesselSchema } from "@/contracts/kitchen";
import { FOODS, INGREDIENTS, SALTS } from "@/core/materials/lookup";
import { loadOwn } from "../../own-entries";
import { operation } from "../operation";
import { paged, pageQuery } from "../paged";

const tableQuery = pageQuery.extend({
  find: z.string().max(60).default("").describe("letters its name or id has"),
});

/** The kitchen's own go before the table's of the same id. */
const merged = <T extends { id: string; name: string }>(
  own: readonly T[],
  table: readonly T[],
  find: string,
): T[] => {
  const ids = new Set(own.map((o) => o.id));
  const wanted = find.trim().toLowerCase();
  return [...own, ...table.filter((t) => !ids.has(t.id))].filter(
    (t) => t.name.toLowerCase().includes(wanted) || t.id.includes(wanted),
  );
};

/** What can be named in a formulation, with its ids. */
export const TABLE_OPERATIONS = [
  operation({
    id: "listFoods",
    method: "get",
    path: "/foods",
    summary: "Foods by id: the table's and this kitchen's own",
    tag: "tables",
    query: tableQuery,
    response: z.array(foodSchema),
    run: ({ db, query }) => paged(merged(loadOwn(db).own.foods, FOODS, query.find), query),
  }),
  operation({
    id: "listSalts",
    method: "get",
    path: "/salts",
    summary: "Salts by id: the table's and this kitchen's own",
    tag: "tables",
    query: tableQuery,
    response: z.array(saltSchema),
    run: ({ db, query }) => paged(merged(loadOwn(db).own.salts, SALTS, query.find), query),
  }),
  operation({
    id: "listIngredients",
    method: "get",
    path: "/ingredients",
    summary: "Ingredients by id: the table's and this kitchen's own",
    tag: "tables",
    query: tableQuery,
    response: z.array(ingredientSchema),
    run: ({ db, query }) => paged(merged(loadOwn(db).own.ingredients, INGREDIENTS, query.find), query),
  }),
  operation({
    id: "listVessels",
    method: "get",
    path: "/vessels",
    summary: "The vessels this kitchen keeps",
    tag: "tables",
    query: tableQuery,
    response: z.array(ownVesselSchema),
    run: ({ db, query }) => paged(merged(loadOwn(db).vessels, [], query.find), query),
  }),
];
