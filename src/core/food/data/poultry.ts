/**
 * Poultry and game birds.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, raw, piece weights from its household measures. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory.
 * Keeping rows: FoodSafety.gov.
 */
import { foodTable } from '../table';

export const POULTRY = foodTable(
  'poultry',
  `
chicken-thigh      | chicken thigh, chicken thighs, boneless chicken thighs | solid | 76.7 19.7 4.1 0 0 1.1 | 0.95 | each=110 piece=30 keep=poultry-pieces soften=dark | SR
chicken-breast     | chicken breast, chicken breasts, chicken | solid | 73.9 22.5 2.6 0 0 1.1 | 0.95 | each=200 piece=35 | SR
chicken-leg        | chicken leg, chicken legs, drumstick, drumsticks, chicken drumsticks, leg quarter, leg quarters, chicken leg quarters, chicken quarters, chicken marylands, maryland | solid | 72.5 18.2 8.6 0 0 0.9 | 0.8 | each=180 piece=45 keep=poultry-pieces soften=dark | SR
chicken-wing       | chicken wings, chicken wing | solid | 66.2 18.3 16 0 0 0.8 | 0.7 | each=90 piece=30 keep=poultry-pieces soften=dark | SR
whole-chicken      | whole chicken, whole bird | solid | 66 18.6 15.1 0 0 0.8 | 0.85 | each=1500 piece=110 keep=whole-poultry | SR
ground-chicken     | ground chicken, ground turkey, minced turkey | solid | 73.2 17.4 8.1 0 0 1.2 | 0.95 | piece=20 keep=ground-meat soften=ground | SR
turkey-thigh       | turkey thigh, turkey thighs, turkey leg, turkey legs, turkey drumstick, turkey drumsticks | solid | 74.5 19.5 4.4 0 0 1 | 0.95 | each=500 piece=60 keep=poultry-pieces soften=dark soft=6 shred=8 | SR
turkey-breast      | turkey breast, turkey | solid | 74 23.7 1.5 0.1 0 1.2 | 0.95 | each=1200 piece=90 | SR
duck-leg           | duck leg, duck legs, duck, goose leg, goose legs | solid | 70 18 11 0 0 1 | 0.95 | each=250 piece=45 keep=poultry-pieces soften=tough-bird | SR
cooked-chicken     | cooked chicken, cooked turkey | solid | 65.3 31 3.6 0 0 1.1 | 0.6 | piece=10 keep=cooked-meat gives=0 soften=cooked-meat | SR
chicken-tender     | chicken tenders, chicken tenderloins, chicken tender, chicken mini fillets, chicken goujons | solid | 73.9 22.5 2.6 0 0 1.1 | 0.95 | each=50 piece=18 keep=poultry-pieces least=3 | SR
chicken-diced      | diced chicken, chicken pieces, chicken chunks, chicken strips, stir-fry chicken, cubed chicken, chicken bites | solid | 74.5 21.5 3.3 0 0 1.1 | 0.95 | piece=22 keep=poultry-pieces least=3 | SR
chicken-neck       | chicken necks, chicken backs, chicken carcass, chicken carcasses, chicken bones, chicken feet, turkey carcass | solid | 65 16 18 0 0 1.5 | 0.6 | piece=40 soften=tough-bird soft=40 shred=40 keep=poultry-pieces | CP
chicken-liver      | chicken liver, duck liver, duck livers, turkey liver | solid | 76.5 16.9 4.8 0.7 0 1.1 | 1 | each=35 piece=20 finicky keep=giblets soften=ground | SR
gizzard            | gizzards, gizzard, chicken gizzards, turkey gizzards, giblets, chicken hearts, turkey neck, turkey necks | solid | 79 17.7 2.1 0 0 0.9 | 1 | each=25 piece=20 keep=giblets soften=tough-bird soft=24 | SR
stewing-hen        | stewing hen, boiling fowl, stewing chicken, old hen, rooster, cockerel | solid | 60 17 22 0 0 0.9 | 0.85 | each=1800 piece=110 keep=whole-poultry soften=tough-bird soft=18 shred=20 | SR
poussin            | poussin, poussins, spring chicken, cornish hen, cornish hens, game hen, game hens | solid | 64 17.2 18 0 0 0.9 | 0.85 | each=500 piece=75 keep=whole-poultry | SR
capon              | capon, whole capon | solid | 62 18.8 17 0 0 1 | 0.85 | each=2800 piece=130 keep=whole-poultry | SR
turkey-whole       | whole turkey, turkey crown | solid | 70 20.4 8 0 0 1 | 0.85 | each=4500 piece=160 keep=whole-poultry | SR
turkey-diced       | diced turkey, turkey strips, turkey pieces, turkey steaks, turkey cutlets, turkey escalopes, turkey tenderloin, turkey tenderloins | solid | 74 23.7 1.5 0.1 0 1.2 | 0.95 | piece=22 keep=poultry-pieces least=3 | SR
turkey-wing        | turkey wings, turkey wing | solid | 67 20 12 0 0 1 | 0.75 | each=350 piece=45 keep=poultry-pieces soften=dark soft=6 shred=8 | SR
duck-breast        | duck breast, duck breasts, magret | solid | 75 19.9 4.3 0 0 1.1 | 0.95 | each=250 piece=30 keep=poultry-pieces | SR
duck-whole         | whole duck, duckling, whole duckling | solid | 48.5 11.5 39 0 0 0.7 | 0.85 | each=2000 piece=110 keep=whole-poultry soften=tough-bird soft=5 shred=7 | SR
goose              | goose, whole goose | solid | 50 16 33 0 0 0.9 | 0.85 | each=4000 piece=150 keep=whole-poultry soften=tough-bird | SR
goose-breast       | goose breast, goose breasts | solid | 68 22.8 7 0 0 1.1 | 0.95 | each=400 piece=35 soften=tough-bird | SR
quail              | quail, quails | solid | 67.5 19.6 12 0 0 0.9 | 0.85 | each=150 piece=50 keep=whole-poultry soften=dark soft=4 | SR
pheasant           | pheasant, pheasants | solid | 67.8 22.7 9.3 0 0 1.3 | 0.85 | each=900 piece=85 keep=whole-poultry soften=tough-bird soft=9 shred=11 | SR
partridge          | partridge, partridges | solid | 70 22 6 0 0 1.3 | 0.85 | each=350 piece=65 keep=whole-poultry soften=tough-bird soft=9 shred=11 | SR
grouse             | grouse, woodcock | solid | 70 22 6 0 0 1.3 | 0.85 | each=350 piece=65 keep=whole-poultry soften=tough-bird soft=9 shred=11 | SR
wood-pigeon        | wood pigeon, wood pigeons, pigeon, pigeons | solid | 70 22 6 0 0 1.3 | 0.85 | each=350 piece=65 keep=whole-poultry soften=tough-bird soft=9 shred=11 | SR
squab              | squab, squabs | solid | 70 22 6 0 0 1.3 | 0.85 | each=350 piece=65 keep=whole-poultry soften=tough-bird soft=9 shred=11 | SR
guinea-fowl        | guinea fowl, guinea hen | solid | 69 23.4 6.5 0 0 1.3 | 0.85 | each=1200 piece=95 keep=whole-poultry | SR
wild-duck          | wild duck, mallard, teal, widgeon, wigeon | solid | 66.5 17.4 15.2 0 0 1 | 0.85 | each=700 piece=75 keep=whole-poultry soften=tough-bird soft=10 shred=12 | SR
ostrich            | ostrich, emu, ostrich steak, ostrich fillet | solid | 75 22 2 0 0 1.2 | 0.95 | each=150 piece=25 soft=6 | SR
ground-poultry     | minced chicken, chicken mince, turkey mince, ground duck, ground poultry | solid | 73.2 17.4 8.1 0 0 1.2 | 0.95 | piece=20 keep=ground-meat soften=ground | SR
chicken-sausage    | chicken sausage, chicken sausages, turkey sausage, turkey sausages | solid | 67 17 12 2 0 2.5 | 0.6 | each=85 piece=28 keep=sausage soften=ground varies from=flesh | SR
turkey-ham         | turkey ham, turkey bacon, smoked turkey, deli turkey, sliced turkey, sliced chicken breast | solid | 72 18 5 1.5 0 3.3 | 0.6 | piece=3 keep=lunch-meat soften=cooked-meat gives=0 | SR
rotisserie-chicken | rotisserie chicken, cooked turkey breast, cooked chicken breast | solid | 63 27 9 0 0 1.1 | 0.6 | piece=10 keep=cooked-meat gives=0 soften=cooked-meat | SR
`,
);
