import { readFileSync } from 'node:fs';
import { readIngredients } from '$core/recipe/ingredients';
for (const l of readFileSync('/tmp/ev/ing.txt','utf8').trim().split('\n')) for (const r of readIngredients([l])) console.log(l,'=>',r.ingredient.amount,r.ingredient.unit,r.ingredient.food,'|',r.ingredient.preparation);
