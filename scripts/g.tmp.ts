import { readFileSync } from 'node:fs';
import { featuresOf } from '../src/core/recipe/lines/features.ts';
import { fromText } from '../src/core/recipe/text.ts';
const src=readFileSync('/tmp/look/20-hand-typed.txt','utf8');
const r=fromText(src); console.log(r.yieldText, r.pieces?.map(p=>p.as+': '+src.slice(p.start,p.end).slice(0,60)));
