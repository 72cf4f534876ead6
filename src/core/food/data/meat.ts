/**
 * Meat.
 *
 * Sources: SR is USDA FoodData Central, SR Legacy, raw and without bone unless said, cup and piece
 * weights from its household measures. CP common practice, IF the Indian Food
 * Composition Tables 2017. Foods of one make-up share their numbers. All from memory. Keeping rows: FoodSafety.gov.
 */
import { foodTable } from '../table';

export const MEATS = foodTable(
  'meat',
  `
lamb-shoulder      | lamb shoulder, lamb | solid | 63 16.8 19.3 0 0 0.9 | 0.95 | piece=50 soften=young-meat soft=18 shred=15 | SR
lamb-shank         | lamb shank, lamb shanks | solid | 72 19 8 0 0 1 | 0.9 | each=400 piece=70 | SR
lamb-leg           | leg of lamb, lamb leg | solid | 64.3 17.9 17.1 0 0 0.9 | 0.95 | piece=90 soften=young-meat slice=6 | SR
goat               | goat, goat meat, mutton | solid | 75.8 20.6 2.3 0 0 1.1 | 0.95 | piece=40 soft=25 shred=27 | SR
beef-cheek         | beef cheek, beef cheeks, ox cheek, veal cheeks, veal cheek | solid | 70 19.5 9.5 0 0 1 | 0.95 | each=350 piece=60 | SR
beef-chuck         | beef chuck, stewing beef, beef, stew meat, chuck eye | solid | 69 20 10 0 0 1 | 0.95 | piece=40 | SR
beef-round         | beef round, topside, silverside, top round, rolled beef | solid | 71.8 22.5 4.4 0 0 1.1 | 0.95 | piece=80 | SR
brisket            | brisket, beef brisket, brisket flat, brisket point, flat-cut brisket, point-cut brisket | solid | 63 18 18 0 0 0.9 | 0.95 | piece=60 | SR
short-ribs         | short ribs, beef short ribs, flanken, flanken ribs | solid | 48.3 14.4 36.2 0 0 0.7 | 0.8 | each=250 piece=45 | SR
oxtail             | oxtail | solid | 62 19 18 0 0 0.9 | 0.8 | each=150 piece=45 soft=28 shred=30 | SR
ground-beef        | ground beef, minced beef, ground meat, mince, ground chuck, ground round, ground sirloin, lean mince, beef mince | solid | 62 17.2 20 0 0 0.9 | 0.95 | piece=20 keep=ground-meat soften=ground pack=500 | SR
ground-lamb        | ground lamb, minced lamb, lamb mince | solid | 59.5 16.6 23.4 0 0 0.9 | 0.95 | piece=20 keep=ground-meat soften=ground pack=500 | SR
ground-pork        | ground pork, minced pork, pork mince | solid | 61.1 16.9 21.2 0 0 0.9 | 0.95 | piece=20 keep=ground-meat soften=ground pack=500 | SR
veal               | veal, veal shoulder, veal shin | solid | 75 19.4 4.9 0 0 1.1 | 0.95 | piece=40 soften=young-meat | SR
pork-shoulder      | pork shoulder, pork, pork butt, boston butt, picnic shoulder, picnic ham, pork picnic | solid | 64.2 17.2 17.5 0 0 0.9 | 0.95 | piece=50 soften=young-meat | SR
pork-loin          | pork loin, pork chop, pork chops | solid | 69.2 21.1 8.3 0 0 1.1 | 0.95 | each=180 piece=25 soften=tender-meat | SR
pork-belly         | pork belly | solid | 36.7 9.3 53 0 0 0.5 | 0.95 | piece=40 soften=young-meat | SR
pork-ribs          | pork ribs, spare ribs, ribs | solid | 59.5 15.5 23.4 0 0 0.8 | 0.6 | piece=25 | SR
ham                | ham, cooked ham, diced ham | solid | 68.3 19.4 8.4 0.5 0 3.2 | 0.6 | piece=12 keep=ham soften=cooked-meat | SR
bacon              | bacon, pancetta, lardons, guanciale, lardo | solid | 40.2 11.6 45 0.7 0 2.5 | 0.6 | each=28 piece=6 keep=bacon soften=cooked-meat pack=200 | SR
sausage            | sausage, sausages, chorizo, merguez, bratwurst, boerewors, bangers, chipolatas, cumberland sausage, toulouse sausage | solid | 56 15 26 1.2 0 2.6 | 0.6 | each=90 piece=28 keep=sausage soften=ground pack=400 varies from=flesh | SR
rabbit             | rabbit, rabbit saddle, saddle of rabbit | solid | 72.8 20.1 5.6 0 0 1 | 0.9 | each=250 piece=40 soften=young-meat | SR
venison            | venison | solid | 73.6 23 2.4 0 0 1.2 | 0.95 | piece=40 soft=22 shred=24 | SR
tongue             | beef tongue, ox tongue, tongue | solid | 64.5 14.9 16.1 3.7 0 0.8 | 1 | each=1400 piece=75 keep=giblets soften=tough-offal | SR
heart              | beef heart, ox heart, lamb heart, lamb hearts, pork heart, pig heart, calf heart, veal heart, venison heart | solid | 77.1 17.7 3.9 0.1 0 1.1 | 1 | piece=30 keep=giblets soften=tough-offal | SR
kidney             | kidney, kidneys, beef kidney, lamb kidney | solid | 77.9 17.4 3.1 0.3 0 1.3 | 1 | each=60 piece=20 keep=giblets soften=tender-meat | SR
tripe              | tripe, beef tripe | solid | 84.2 12.1 3.7 0 0 0.6 | 1 | piece=8 keep=giblets soften=tough-offal | SR
liver              | liver, chicken livers, calf liver | solid | 76.5 16.9 4.8 0.7 0 1.1 | 1 | piece=20 finicky keep=giblets soften=ground | SR
cooked-ground-meat | cooked ground meat, cooked ground beef, cooked ground lamb, cooked ground pork, cooked crumbled meat | solid | 56 25.8 16.5 0 0 1.1 | 0.7 | piece=6 keep=cooked-meat gives=0 soften=cooked-meat | SR
beef-shin          | beef shin, shin of beef, beef shank, beef shanks, shin beef, gravy beef | solid | 71.5 21.8 5.9 0 0 1 | 0.95 | piece=45 soft=27 shred=29 | SR
beef-neck          | beef neck, neck of beef, clod, beef clod | solid | 70 20 9 0 0 1 | 0.95 | piece=45 | SR
beef-blade         | beef blade, blade steak, feather blade, flat iron, chuck roast, chuck steak, braising steak, braising beef, beef pot roast | solid | 69 20 10 0 0 1 | 0.95 | piece=50 | SR
rump-roast         | rump, rump roast, beef rump, bottom round, eye of round | solid | 71 22 6 0 0 1 | 0.95 | piece=75 | SR
flank-steak        | flank steak, skirt steak, hanger steak, bavette, flank, skirt, onglet | solid | 70 21.2 7.2 0 0 1.1 | 0.95 | piece=20 soft=20 shred=28 | SR
sirloin            | sirloin, sirloin steak, ribeye, rib eye, rump steak, frying steak, minute steak, tri-tip, london broil | solid | 66 20.5 12.5 0 0 1 | 0.95 | each=220 piece=25 soften=tender-meat | SR
beef-fillet        | beef fillet, beef tenderloin, fillet steak | solid | 66 20 13 0 0 1 | 0.95 | piece=60 soften=tender-meat | SR
beef-strips        | beef strips, stir-fry beef, beef stir-fry strips | solid | 69 21 9 0 0 1 | 0.95 | piece=10 soft=9 | SR
beef-ribs          | beef ribs, beef back ribs | solid | 57 17 25 0 0 0.8 | 0.7 | each=250 piece=40 | SR
corned-beef        | corned beef, corned beef brisket, salt beef, salt beef brisket, salted beef, corned silverside | solid | 67.1 14.7 14.9 0.1 0 3.2 | 0.95 | piece=65 slice=22 soft=24 | SR
beef-bones         | beef bones, marrow bones, soup bones, bones, knuckle bones | solid | 45 12 40 0 0 3 | 0.7 | piece=60 slice=30 soft=60 shred=60 | CP
bison              | bison, buffalo meat | solid | 74.6 21.6 1.8 0 0 1.2 | 0.95 | piece=40 | SR
lamb-neck          | lamb neck, neck of lamb, neck fillet, scrag end | solid | 64 17 18 0 0 0.9 | 0.9 | piece=40 soften=young-meat soft=18 | SR
lamb-chop          | lamb chop, lamb chops, lamb cutlets, loin chops, lamb forequarter chops, forequarter chops | solid | 61 17 21 0 0 0.9 | 0.9 | each=110 piece=25 soften=tender-meat soft=10 | SR
lamb-breast        | lamb breast, breast of lamb, lamb ribs | solid | 53 15 31 0 0 0.8 | 0.9 | piece=30 soften=young-meat soft=18 | SR
lamb-stew          | diced lamb, lamb stew meat, stewing lamb, lamb cubes, lamb pieces | solid | 68 18.5 12 0 0 1 | 0.95 | piece=30 soften=young-meat soft=18 keep=ground-meat | SR
mutton             | mutton shoulder, mutton leg, hogget | solid | 66 18 15 0 0 1 | 0.95 | piece=40 soft=25 shred=27 | SR
goat-shoulder      | goat shoulder, goat leg, leg of goat, kid goat | solid | 75 20.4 3 0 0 1.1 | 0.95 | piece=70 soft=22 shred=24 | SR
veal-shank         | veal shank, veal shanks, osso buco, ossobuco | solid | 75 19.5 4 0 0 1.1 | 0.85 | each=350 piece=40 soften=young-meat soft=19 shred=21 | SR
veal-cutlet        | veal cutlet, veal escalope, veal chop, veal chops | solid | 74 20 4.5 0 0 1.1 | 0.95 | each=150 piece=15 soften=tender-meat | SR
ground-veal        | ground veal, minced veal | solid | 72.8 19.4 6.8 0 0 1 | 0.95 | piece=20 keep=ground-meat soften=ground | SR
ground-game        | ground venison, minced venison, ground goat, minced goat, ground game | solid | 71.2 21.8 7.1 0 0 1.1 | 0.95 | piece=20 keep=ground-meat soften=ground | SR
pork-tenderloin    | pork tenderloin, pork fillet, pork tenderloins, pork tenderloin medallions | solid | 76 21 2.2 0 0 1.1 | 0.95 | each=450 piece=55 soften=tender-meat | SR
pork-loin-roast    | pork loin roast, boneless pork loin, loin of pork, pork roast, pork joint | solid | 69.2 21.1 8.3 0 0 1.1 | 0.95 | piece=85 soften=tender-meat soft=9 shred=14 | SR
pork-leg           | pork leg, leg of pork, fresh ham, pork rump | solid | 67 19 13 0 0 1 | 0.95 | piece=80 soften=young-meat | SR
pork-stew          | diced pork, pork cubes, stewing pork, pork stew meat | solid | 69 20 10 0 0 1 | 0.95 | piece=30 soften=young-meat keep=ground-meat | SR
pork-steak         | pork steak, pork steaks, pork shoulder steaks, pork cutlets, pork medallions | solid | 66 18 15 0 0 1 | 0.95 | each=180 piece=20 soften=tender-meat soft=9 | SR
pork-strips        | pork strips, pork stir-fry strips | solid | 70 21 8 0 0 1 | 0.95 | piece=10 soften=tender-meat | SR
pork-cheek         | pork cheek, pork cheeks, pig cheeks | solid | 68 18 13 0 0 1 | 0.95 | each=120 piece=40 soften=young-meat soft=16 | SR
pork-hock          | pork hock, pork hocks, pork knuckle, pork shank, pork shanks | solid | 61 19 19 0 0 1 | 0.85 | each=700 piece=75 soften=young-meat soft=17 shred=18 | SR
ham-hock           | ham hock, ham hocks, ham shank, ham shanks, smoked ham shank, smoked ham hock, gammon hock, smoked hock, bacon hock | solid | 58 19 19 0 0 3.5 | 0.85 | each=700 piece=75 keep=meat soften=young-meat soft=18 shred=20 | SR
gammon             | gammon, gammon joint, raw ham joint, uncooked ham, bacon joint, smoked gammon | solid | 68 17.5 11 0 0 3.3 | 0.95 | piece=90 keep=meat soften=tender-meat slice=6 soft=10 shred=16 | SR
pig-trotter        | pig trotter, pig's trotters, pigs feet, pork trotters, trotters | solid | 64 23 13 0 0 0.6 | 0.85 | each=350 piece=60 soft=24 | SR
pork-neck          | pork neck, pork collar, neck of pork, pork neck bones | solid | 63 17 19 0 0 0.9 | 0.9 | piece=50 soften=young-meat | SR
rabbit-pieces      | rabbit pieces, rabbit legs, jointed rabbit, hare | solid | 73 21 5 0 0 1.1 | 0.9 | each=220 piece=40 soften=young-meat soft=14 | SR
venison-shank      | venison shank, venison shoulder, venison shanks, deer shoulder, venison haunch, haunch of venison, venison leg | solid | 73.6 23 2.4 0 0 1.2 | 0.95 | piece=65 soft=24 shred=26 | SR
elk                | elk, moose | solid | 74.4 23 1.5 0 0 1.2 | 0.95 | piece=40 soft=22 shred=24 | SR
reindeer           | reindeer, caribou | solid | 74.4 23 1.5 0 0 1.2 | 0.95 | piece=40 soft=22 shred=24 | SR
antelope           | antelope | solid | 74.4 23 1.5 0 0 1.2 | 0.95 | piece=40 soft=22 shred=24 | SR
wild-boar          | wild boar, boar, boar shoulder, wild boar shoulder | solid | 72.5 21.5 3.3 0 0 1 | 0.95 | piece=40 soft=23 shred=25 | SR
kangaroo           | kangaroo, wallaby | solid | 74 22.5 1.5 0 0 1.2 | 0.95 | piece=30 soft=15 | CP
sausage-cured      | smoked sausage, kielbasa, lap cheong, chinese sausage, andouille, smoked sausages, cured chorizo, dry chorizo, spanish chorizo, cooking chorizo, cervelat | solid | 54 14 27 2 0 3 | 0.7 | each=90 piece=28 keep=hot-dogs soften=cooked-meat varies from=flesh | SR
sausage-meat       | sausage meat, sausagemeat, ground sausage, italian sausage, bulk sausage, breakfast sausage | solid | 53 15 29 1.5 0 2.5 | 0.95 | piece=20 keep=sausage soften=ground varies from=flesh | SR
hot-dog            | hot dog, hot dogs, frankfurter, frankfurters, wieners, vienna sausages | solid | 56 11 26 3 0 3 | 0.7 | each=50 piece=22 keep=hot-dogs soften=cooked-meat | SR
black-pudding      | black pudding, blood sausage, morcilla, boudin noir, white pudding, boudin blanc | solid | 47 14.6 34 1.3 0 2.3 | 0.9 | each=80 piece=30 keep=sausage soften=ground allergens=gluten varies from=flesh | SR
salami             | salami, mortadella, nduja | solid | 36 22 37 1 0 4.5 | 0.7 | piece=3 keep=lunch-meat soften=cooked-meat varies from=flesh | SR
pepperoni          | pepperoni, saucisson, soppressata | solid | 36 22 37 1 0 4.5 | 0.7 | piece=3 keep=lunch-meat soften=cooked-meat | SR
prosciutto         | prosciutto, parma ham, serrano ham, dry-cured ham, cured ham, speck | solid | 50 27 15 0.3 0 6.5 | 0.6 | each=15 piece=2 keep=lunch-meat soften=cooked-meat | SR
bresaola           | bresaola, dried beef, cecina | solid | 57 32 3 0.5 0 6.5 | 0.6 | each=10 piece=2 keep=lunch-meat soften=cooked-meat | SR
beef-tendon        | beef tendon, beef tendons, tendon | solid | 62 36 1 0 0 0.6 | 0.95 | piece=35 soft=45 shred=50 | CP
sweetbreads        | sweetbreads, sweetbread | solid | 77 14 8 0 0 1.2 | 1 | piece=25 keep=giblets soften=ground | SR
cooked-beef        | cooked beef, roast beef, cooked meat | solid | 60 28 11 0 0 1.2 | 0.7 | piece=10 keep=cooked-meat gives=0 soften=cooked-meat | SR
cooked-pork        | cooked pork, roast pork | solid | 60 28 11 0 0 1.2 | 0.7 | piece=10 keep=cooked-meat gives=0 soften=cooked-meat | SR
cooked-lamb        | cooked lamb, roast lamb | solid | 59 27 13 0 0 1.2 | 0.7 | piece=10 keep=cooked-meat gives=0 soften=cooked-meat | SR
`,
);
