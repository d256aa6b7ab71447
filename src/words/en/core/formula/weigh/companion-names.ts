export const named = {
  glaze: "glaze",
  butter: "butter",
  baste: "basting",
  sauce: "sauce",
  dressing: "dressing",
  bed: "bed",
  coat: "coat",
  drizzle: "drizzle",
  salting: "salt",
};
