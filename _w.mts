import { waysFor } from "./src/core/ways/ways";
import { FOODS } from "./src/core/materials/lookup";
import { newFormulation } from "./src/core/formula/defaults";
import fs from "node:fs";
const ts:number[]=[]; const rows:any[]=[]; const out:any={};
for (const round of [0,1]) for (const f of FOODS) for (const h of [2,6,14,24,48]) { if(round===0&&h!==6) continue; const input={...newFormulation(f),pullH:h}; const t=performance.now(); const w=waysFor(input,h); const d=performance.now()-t; if(round===1){ts.push(d); rows.push([d,f.id,h,w.length,input.pieces.shape]); out[f.id+h]=w.map(x=>[x.choice,x.salt.fraction,x.verdict,x.evenness]);} }
ts.sort((a,b)=>a-b); console.log(ts.length, "median",ts[ts.length>>1].toFixed(0),"p90",ts[Math.floor(ts.length*.9)].toFixed(0),"p95",ts[Math.floor(ts.length*.95)].toFixed(0),"max",ts.at(-1)!.toFixed(0), "over150", ts.filter(x=>x>150).length);
rows.sort((a,b)=>b[0]-a[0]); console.log(rows.slice(0,8).map(r=>`${r[0].toFixed(0)} ${r[1]} ${r[2]} ${r[3]} ${r[4]}`).join("\n")); 
fs.writeFileSync(process.argv[2],JSON.stringify(out));
