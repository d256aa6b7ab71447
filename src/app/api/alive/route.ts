/** That the server answers at all. */
export const GET = () => Response.json({ alive: true });
