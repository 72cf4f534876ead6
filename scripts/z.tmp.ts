import { readFileSync } from 'node:fs';
import { importRecipe } from '../src/core/recipe';
const r=importRecipe(readFileSync('/tmp/ev/AH/b.txt','utf8')); if(r.ok) console.log(JSON.stringify(r.value.dish.stages.map(s=>[s.id,s.uses,s.after]),null,0), r.value.dish.ingredients.map(i=>[i.id,i.food,i.role]));
