/**
 * Words that tell what a food is. Animals and cuts are closed lists; what is in none of them and not in the
 * table is not known. All common practice: the words of butchers’ counters and cookbooks.
 */

const words = (list: string): RegExp =>
  new RegExp(
    `\\b(?:${list
      .trim()
      .split(/\s*\n\s*|\s*,\s*/)
      .join('|')})(?:s|es)?\\b`,
  );

/** Every bird is poultry. */
export const POULTRY_WORDS = words(`
  poultry, chicken, hen, cockerel, rooster, capon, poussin, poulet, broiler, turkey, duck, duckling, goose, geese,
  quail, pheasant, partridge, grouse, guinea ?fowl, fowl, squab, pigeon, dove, woodcock, snipe, mallard, teal,
  ostrich, emu, bird, drumstick, drumette, leg quarter, thigh, (?<!\\b(?:skate|ray) )wing, tenders, coq au vin, gizzard, turducken, foie gras
`);

export const GAME_WORDS = words(`
  game, venison, deer, elk, moose, caribou, reindeer, antelope, boar, bear, kangaroo, wallaby, hare, rabbit, bunny,
  squirrel, alligator, crocodile, camel, bush ?meat, roo
`);

/** Red meat by animal. */
export const MEAT_WORDS = words(`
  porchetta, beef, steer, ox, veal, calf, calves, lamb, hogget, mutton, goat, cabrito, kid goat, pork, pig, piglet, hog, bison,
  buffalo, horse, wagyu, meat
`);

/** Cuts and cured pieces that are meat without naming the animal. */
export const CUT_WORDS = words(`
  steak, sirloin, rib ?eye, t-bone, porterhouse, entrecote, bavette, flank, skirt, hanger, tri-tip, brisket, chuck, rump,
  topside, silverside, oxtail, shank, shin, osso ?buco, ossobuco, pot roast, roast, joint, chop, cutlet, schnitzel,
  spare ?rib, short rib, back rib, baby back, rib, tenderloin, loin, gammon, ham, hock, trotter, knuckle, bacon, pancetta,
  lardon, guanciale, crackling, tongue, cheek, tripe, corned beef, salt beef, pastrami, silverskin, saddle, rack of,
  medallion, escalope, scallopini, blade, shoulder, picanha, carvery, london broil, new york strip, strip ?loin,
  filet mignon, chateaubriand, tournedos, onglet, paleron, mock tender, jacob'?s ladder, gigot, pluma, secreto, presa, riblet
`);

/** Cuts that birds, game and fish have as well: no animal is known by them alone. */
export const ANY_CUT = words(`
  steak, roast, joint, chop, cutlet, schnitzel, rib, tenderloin, loin, saddle, medallion, escalope, scallopini, blade,
  shoulder, rack of, tongue, cheek
`);

/** Of these, the ones that are as often of a bird: said alone they are not known (common practice). */
export const BIRDS_TOO = words(`roast, joint, cutlet, schnitzel, medallion, escalope, scallopini`);

/** What is said before such a cut where a butcher calls it so: “Denver steak”, “crown roast”. */
export const CUT_NAMES = words(`
  denver, ranch, club, delmonico, tomahawk, cowboy, swiss, cube, minute, prime, standing, crown, country, style, st,
  louis, barnsley, neck, chump, middle, best, end, spider, merlot, sierra, petite, feather, butler, oyster, paddle, leg,
  loin, cap, eye, center, centre, sandwich, finger, dry, wet, aged, grass, fed, marbled, pasture, raised, angus, hereford,
  kobe, aberdeen, boneless, bone, short, spare, back, baby, tip, braising, stewing, frying, grilling, roasting, large,
  family, smoked, bbq, barbecue, glazed, sticky, thick, cut, pepper, plate, arm, pot
`);

/** Cuts of a named animal that leave it whole. */
export const WHOLE_WORDS = words(`
  leg, shoulder, neck, fillet, filet, breast, belly, fresh ham, strips, strip, cubes, cube, stewing, diced, chunks, chunk,
  slices, slice, pieces, piece, bites, tips, tip, stew meat, bones, round, eye of round, haunch, back, backstrap,
  osso, buco, broil, saddle, butt, collar, scrag, clod, butterflied, boneless, bone-in, whole, rolled, loaf of
`);

/** What is ground, in any animal and shape. */
export const GROUND_WORDS = words(`
  ground, minced, mince, mincemeat, burger, hamburger, cheeseburger, beefburger, patty, patties, meat ?ball, meatball,
  meat ?loaf, meatloaves, loaf, loaves, balls, ball, kofta, kofte, kefta, kufta, kibbeh, kebab, kebap, kabob, skewer,
  sausage, sausagemeat, bratwurst, wurst, banger, chipolata, boerewors, [a-z]+wurst, chorizo, merguez, andouille, boudin, haggis,
  frikadelle, frikadeller, cevapi, cevapcici, rissole, polpette, polpettone, keema, kheema, salisbury steak, crumbles,
  chopped steak, hamburg steak, faggot, crepinette, scrapple, nugget, sloppy joe, croquette, cakes, tartare, koftas,
  quenelle, black pudding, white pudding, blood sausage
`);

/** Shapes of ground meat that say meat by themselves, without an animal. */
export const MEAT_SHAPES = words(`
  burger, hamburger, cheeseburger, beefburger, patty, patties, meat ?ball, meat ?loaf, meatloaves, kofta, kofte, kefta,
  kufta, kibbeh, sausage, sausagemeat, bratwurst, wurst, banger, chipolata, boerewors, [a-z]+wurst, chorizo, merguez, andouille,
  boudin, haggis, frikadelle, frikadeller, cevapi, cevapcici, rissole, polpette, polpettone, keema, kheema,
  salisbury steak, chopped steak, hamburg steak, faggot, crepinette, scrapple, sloppy joe, mince, kebab, kebap, kabob,
  black pudding, white pudding, blood sausage, lap cheong, leberkase, salami, pepperoni, hot ?dog, carnitas, gyros, shawarma, doner
`);

/** Organs: safe at the temperature of ground meat (USDA FSIS, Variety Meats, from memory). */
export const ORGAN_WORDS = words(`
  liver, heart, kidney, sweetbread, brain, lung, spleen, giblet, offal, tongue, tripe, chitterling, testicle
`);

export const FISH_WORDS = words(`
  fish, fishcake, cod, haddock, hake, pollock, pollack, coley, saithe, whiting, ling, hoki, salmon, trout, char, tuna, swordfish,
  marlin, monkfish, halibut, turbot, brill, sole, plaice, flounder, dab, fluke, bass, branzino, bream, snapper, tilapia,
  catfish, basa, pangasius, carp, pike, perch, zander, walleye, mackerel, sardine, pilchard, herring, kipper, bloater,
  sprat, whitebait, smelt, anchov(?:y|ie), eel, mahi[- ]mahi, grouper, skate wing, skate, shark, mullet, barramundi,
  rockfish, sturgeon, john dory, pompano, sablefish, orange roughy, roe, caviar, surimi, lox, bonito
`);

export const SHELLFISH_WORDS = words(`
  shellfish, seafood, prawn, shrimp, lobster, crab, crabcake, crabmeat, crayfish, crawfish, langoustine, scampi, scallop, mussel,
  clam, oyster, cockle, whelk, winkle, squid, calamari, octopus, cuttlefish, abalone, conch, snail, escargot
`);

/** Dishes with egg: set by it, or raw in the dough. */
export const EGG_WORDS = words(`
  egg, omelette, omelet, frittata, tortilla espanola, quiche, souffle, custard, flan, creme brulee, creme caramel,
  panna cotta, cheesecake, bread pudding, egg bites, eggnog, zabaglione, hollandaise, meringue, tiramisu, clafoutis,
  shakshuka, strata, spanish tortilla, tortilla de patatas, pudding, cake, brownie, muffin, cupcake, batter, dough, cookie, pancake, crepe, waffle, popover,
  yorkshire pudding, eclair, profiterole, lemon curd
`);

/** Whole dishes: made of several foods and served hot (USDA FSIS: casseroles and leftovers). */
export const CASSEROLE_WORDS = words(`
  leftover, left-over, casserole, gratin, bake, hot ?pot, hotpot, lasagne, lasagna, moussaka, pastitsio, cannelloni,
  enchilada, burrito, tamale, fajita, quesadilla, empanada, samosa, pasty, pasties, pie, strudel, wellington,
  cassoulet, paella, biryani, pilaf, pilau, jambalaya, etouffee, gumbo, curry, curries, korma, masala, vindaloo, rogan josh,
  stew, chili con carne, goulash, ragout, ragu, bolognese, tagine, tajine, stroganoff, fricassee, bourguignon, carbonnade,
  risotto, soup, chowder, bisque, broth bowl, ramen, pho, laksa, borscht, minestrone, pozole, menudo, hash, stir[- ]?fry,
  stir[- ]?fries, fried rice, mac and cheese, macaroni and cheese, macaroni cheese, dumpling(?! (?:wrapper|skin)), ravioli, tortellini,
  agnolotti, pierogi, pelmeni, gyoza(?! (?:wrapper|skin)), wonton(?! (?:wrapper|skin)), potsticker, dim sum, spring roll(?! (?:wrapper|skin)), egg roll(?! (?:wrapper|skin)), pizza, calzone, sandwich,
  ready meal, tv dinner, cabbage roll, dolma, sarma, golabki, stuffing, dressing for a bird, gravy, meat sauce, ratatouille,
  kedgeree, congee, haleem, nihari, adobo, rendang, feijoada, pot pie, shepherd.s pie, cottage pie, bubble and squeak,
  noodle dish, stewed, thermidor, hotdish, timbale, terrine, baeckeoffe, bak kut teh, barbacoa, bibimbap, bigos, birria,
  blanquette, bredie, bulgogi, cacciatore, caldo verde, carbonade, carne guisada, cawl, choucroute, cioppino,
  cullen skink, daube, dolmade, doro wat, estofado, fabada, fesenjan, ghormeh sabzi, gulyas, harira, kare[- ]kare,
  kleftiko, koshari, larb, lobscouse, scouse, lumpia, maafe, machboos, mansaf, massaman, mulligatawny, nasi goreng,
  navarin, oden, okonomiyaki, osso bucco, pad thai, pancit, pastilla, pav bhaji, paya, peposo, pot[- ]au[- ]feu,
  ropa vieja, saltimbocca, sambar, rasam, sancocho, sauerbraten, sinigang, sukiyaki, tom kha, tom yum, tonkatsu,
  tourtiere, waterzooi, xiaolongbao, yakitori, zurek, imam bayildi, toad[- ]in[- ]the[- ]hole, parmigiana, spanakopita,
  stovies, colcannon, poutine, croque monsieur, carbonara, vitello tonnato, rarebit, aloo gobi, palak paneer,
  saag paneer, matar paneer, (?:cauliflower|broccoli|leek|marrow|celeriac)s? cheese, paneer tikka, mapo tofu, dal makhani, baingan bharta, gado[- ]gado, ribollita, mole poblano,
  jollof, pilaff, pulao, gyudon, donburi, chop suey, chow mein, egg foo yong, marinara with meat, dahl, daal
`);

/** Stuffed, so that what is inside has to be hot enough too. */
export const STUFFED =
  /\b(?:stuffed|filled|ballotine|galantine|stuffed with|roulade|involtini|turducken|cordon bleu|kiev)\b/;

/** Said of what imitates meat: no flesh in it, whatever its shape is called. */
export const MEATLESS =
  /\b(?:vegan|plant[- ]based|veggie|vegetarian|meatless|meat[- ]free|mock|tofu|tempeh|seitan|tvp)\b/;

/** Burgers, sausages and loaves of these are of plants where no animal is named. */
export const PLANT_SHAPES =
  /\b(?:vegetable|veg|lentil|bean|chickpea|nut|quinoa|jackfruit|halloumi|paneer|falafel|soya?)s?\b/;

/** Steaks, ribs and roasts of these, too. */
export const PLANT_CUTS =
  /\b(?:vegetable|cauliflower|cabbage|celeriac|aubergine|mushroom|portobello|watermelon|celery|corn|chard|nut|lentil|squash|beetroot|rhubarb|chestnut)s?\b/;

/** Cooked, cured or canned: eaten as it is. */
export const READY_WORDS = words(`
  salami, pepperoni, prosciutto, serrano, iberico ham, bresaola, jerky, biltong, mortadella, bologna, liverwurst, sushi, sashimi, luncheon meat, lunch meat,
  deli meat, cold cut, deli, canned, tinned, jarred, in a jar, from a jar, in a can, from a can, can of, cans of, tin of,
  jar of, head cheese, brawn, hummus, houmous, pate, rillettes, gravlax, guacamole, tzatziki, dip, mayonnaise, mayo, aioli, condensed
`);

export const COOKED_WORDS =
  /\b(?:cooked|boiled|braised|roast(?:ed)?|leftovers?|left-over|mashed|steamed|baked|fried|stewed|grilled|poached|puree|pureed|sauteed|scrambled|barbecued|bbq|seared|caramelised|caramelized|glazed|candied|buttered|creamed|scalloped|wilted|charred|jacket|twice-baked|stir-fried|pulled|shredded cooked|rotisserie|deli|precooked|pre-cooked|refried|carnitas|gyros|shawarma|doner)\b/;
export const RAW_WORDS = /\b(?:raw|uncooked|unbaked|fresh)\b/;

/**
 * Names in which a word for an animal is none: taken out before the words are looked at. What follows in
 * brackets is what stays.
 */
export const NOT_ANIMALS: readonly (readonly [RegExp, string])[] = [
  [/\bkidney[- ]beans?\b/g, 'beans'],
  [/\b(?:chicken|hen) of the woods\b/g, 'mushroom'],
  [/\b(?:oyster|turkey tail|beefsteak|chicken) mushrooms?\b/g, 'mushroom'],
  [/\b(?:beefsteak|beef|oxheart) tomato(?:es)?\b/g, 'tomato'],
  [/\b(?:artichoke|celery|palm|lettuce|cabbage|romaine) hearts?\b/g, 'vegetable'],
  [/\bhearts? of (?:palm|palms|romaine|celery|lettuce|artichoke)\b/g, 'vegetable'],
  [/\bcrab ?apples?\b/g, 'apple'],
  [/\blamb'?s? (?:lettuce|quarters)\b/g, 'lettuce'],
  [/\bpigeon peas?\b/g, 'peas'],
  [/\bgoose ?berr(?:y|ies)\b/g, 'berries'],
  [/\bbird'?s?[- ]eye (?:chill?i(?:es|s)?|peppers?)\b/g, 'chili'],
  [/\bhorse ?radish\b/g, 'radish'],
  [
    /\b(?:buffalo|goat|sheep|ewe|cow|mare)'?s?'? (?=milk|cheese|mozzarella|curd|yogh?urt|butter|cream)/g,
    '',
  ],
  [/\bbuffalo sauce\b/g, 'sauce'],
  [/\bmonkey nuts?\b/g, 'peanuts'],
  [/\belephant garlic\b/g, 'garlic'],
  [/\bbear'?s? garlic\b/g, 'garlic'],
  [/\begg ?plants?\b/g, 'aubergine'],
  [/\b(?:egg|chow mein|lo mein) noodles?\b/g, 'noodles'],
  [/\beggless\b/g, ''],
  [/\bsole(?=ly)/g, ''],
  [/\bbass ?drum\b/g, ''],
  [/\bpig'?s? ?weed\b/g, 'greens'],
  [/\bhen ?bit\b/g, 'greens'],
  [/\b(?:rib|ribs) of celery\b|\bcelery ribs?\b/g, 'celery'],
  [/\b(?:round|blade) (?:cabbage|rice|beans?)\b/g, 'cabbage'],
  [
    /\b(?:chicken|beef|lamb|pork|turkey|fish|steak|poultry|burger|meat|sausage|ham|taco|rib|seafood|shrimp|crab|bacon|gravy|stew|curry|chili|chilli|soup|pie|cake|pudding|egg|custard|pizza|stir[- ]?fry) (?:seasoning|rub|spice|spices|salt|powder|masala powder|granules|stock powder|flavou?ring|bits|mix|packet)\b/g,
    'spice',
  ],
  [/\bgravy granules\b/g, 'spice'],
  [
    /\b(?:curry|chili|chilli|garam masala|masala) (?:powder|paste|leaf|leaves|spice)\b|\bgaram masala\b|\bchaat masala\b/g,
    'spice',
  ],
  [/\b(?:pie|cake) (?:crust|tin|shell|flour|dough)s?\b/g, 'dough'],
  [/\b(?:pizza|bread|pie|pasta) dough\b/g, 'dough'],
  [/\b(?:pudding|paella|risotto|sushi) rice\b/g, 'rice'],
  [
    /\b(?:soup|stew|broth|stir[- ]?fry) (?:vegetables?|greens|noodles?|mix vegetables)\b/g,
    'vegetable',
  ],
  [/\b(?:burger|hamburger|hot ?dog|brioche|pizza) (?:buns?|rolls?|bread|bases?)\b/g, 'bread'],
  [/\b(?:soup|stock|bouillon) cubes?\b/g, 'spice'],
  [/\bhash ?browns?\b/g, 'potato'],
  [
    /\b(?:fish|oyster|anchovy|shrimp|steak|burger|duck|worcestershire|hoisin|bbq) (?:sauce|paste)\b/g,
    'ketchup',
  ],
  [
    /\b(?:duck|goose|chicken|beef|pork|bacon|turkey|lamb) (?:fat|dripping|drippings|lard)\b/g,
    'lard',
  ],
];

/** Heads that make a seasoning, a fat or a thin liquid of any animal. */
export const SEASONING_HEADS =
  /\b(?:broth|stock|bouillon|consomme|dashi|cubes? of stock|fat|dripping|drippings|lard|tallow|suet|schmaltz|oil|seasoning|rub|spices?|powder|gelatine|gelatin|sauce|vinegar|ketchup|mustard|paste|flavou?ring|essence|extract|granules)$/;

/** Grain that the table of foods has no row of: dry, and it swells. */
export const GRAIN_WORDS = words(`
  amaranth, teff, sorghum, rye, triticale, kamut, einkorn, emmer, fonio, hominy, grits
`);

/** Beans and lentils that the table of foods has no row of. A name alone doesn't say whether they are dry. */
export const PULSE_WORDS = words(`
  bean, lentil, dal, dhal, pulse, gram, urad, toor, chana
`);

/** Plants that the table of foods has no row of, so that they are known not to be flesh, egg or milk. */
export const PLANT_WORDS = words(`
  vegetable, veg, fruit, radish, horseradish, wasabi, greens, salad leaves, herb, spice, seasoning, sprout, seaweed, nori, kombu, wakame, kelp, dulse, samphire,
  jackfruit, yam, cassava, yuca, manioc, taro, eddo, jicama, daikon, mooli, salsify, scorzonera, sunchoke,
  jerusalem artichoke, burdock, lotus root, water chestnut, bamboo shoot, bok choy, pak choi, pak choy, choy sum, tatsoi,
  mizuna, rocket, arugula, watercress, cress, endive, chicory, radicchio, escarole, frisee, nettle, dandelion, sorrel,
  purslane, broccolini, rapini, romanesco, tomatillo, marrow, patty ?pan, chayote, karela, bitter melon, gourd, luffa,
  cactus, nopales, plantain, orange, grapefruit, pomelo, mandarin, satsuma, kumquat, melon, watermelon, cantaloupe, honeydew,
  grape, kiwi, papaya, guava, lychee, longan, rambutan, persimmon, pomegranate, passion ?fruit, dragon ?fruit, star ?fruit,
  nectarine, peach, apricot, damson, greengage, sloe, elderberr(?:y|ie), blackberr(?:y|ie), blackcurrant, redcurrant, gooseberr(?:y|ie),
  cranberr(?:y|ie), mulberr(?:y|ie), coconut, date, tamarind,
  tapioca, sago, arrowroot, bran, wheat ?germ, muesli, granola, popcorn, cornflake,
  pecan, macadamia, brazil nut, nut, seed, chia, flax, linseed, hemp, poppy, sunflower seed,
  tempeh, seitan, tvp, pea, edamame,
  chive, tarragon, chervil, marjoram, savory, lovage, lemongrass, galangal, kaffir lime leaf, curry leaf, bay, fenugreek,
  asafoetida, caraway, juniper, mace, ajwain, nigella, za'?atar, sumac, vanilla, bouquet garni, peppercorn, chipotle, jalapeno,
  serrano chil(?:i|e), ancho, guajillo, habanero, pepperoncini, pimento, gherkin, pickle, kimchi, sauerkraut, caper, olive,
  shiitake, portobello, cremini, enoki, maitake, chanterelle, morel, truffle,
  bread, bread roll, dinner roll, bread bun, toast, baguette, crouton, cracker, crisp, chip, fries, tortilla, naan, roti, chapati, noodle, vermicelli,
  gnocchi, udon, soba, rice paper, pastry, phyllo, filo, crust,
  coffee, tea, cola, lemonade, soda, beer, lager, cider, wine, sherry, port, brandy, rum, vodka, whisky, whiskey, vermouth, mirin, sake,
  stevia, agave, syrup, candy, marzipan
`);

/** Milk and what is made of it. */
export const DAIRY_WORDS = words(`
  milk, cream, cheese, yogh?urt, kefir, curd, quark, skyr, labneh, mascarpone, burrata, brie, camembert, stilton, gorgonzola,
  roquefort, edam, emmental, gruyere, manchego, pecorino, provolone, colby, monterey jack, queso, crema, butter, whey, ghee, custard powder
`);
/** Milks and butters without milk. */
export const NOT_DAIRY =
  /\b(?:oat|almond|soya?|rice|coconut|cashew|hemp|hazelnut|nut|vegan|plant[- ]based|dairy[- ]free|non[- ]dairy|peanut|apple|cocoa|shea|pumpkin|sunflower|seed)\b[a-z -]*\b(?:milk|cream|yogh?urt|butter|cheese|kefir|creamer)s?\b/;

/** Meat that holds a filling, and no vegetable that holds meat: a row of its own in the chart. */
export const STUFFED_CUT =
  /\b(?:chops?|loins?|breasts?|steaks?|shoulders?|legs?|roasts?|joints?|fillets?|tenderloins?|rolls?|roulades?|involtini|squid)\b/;

/** What may follow an animal without making something else of it. */
export const DESCRIPTION =
  /^(?:[a-z'-]*(?:ed|ly|less|in|on)|and|or|the|of|a|an|s|large|small|big|thick|thin|lean|fatty|fresh|raw|frozen|whole|half|halves|piece|pieces|meat|joints?|cuts?|cubes?|bones?|in|on|inch|cm|lb|kg|g|oz|\d+.*)$/;

/** Cut, a vegetable has lost what kept it. */
export const CUT_UP =
  /^(?:finely |coarsely |roughly |freshly )?(?:minced|chopped|diced|sliced|grated|shredded|cut|peeled|crushed|cubed)\b/;

/** What may stand behind a plant without making something else of it. */
export const TRAILING =
  /^(?:[a-z-]+ed|[a-z]+ly|pieces?|halves|half|chunks?|leaves|leaf|stalks?|slices?|wedges|hearts?|buds?|tips|stems?|cubes?|strips|rings?|powder|flakes|large|small|fresh|raw|frozen|dry|whole|thin|thick|optional|and|or|\d.*)$/;

/** Sorts of rice, and what is said of a bag of it. */
export const RICE_SORTS =
  /^(?:long|short|medium|grain|white|brown|red|black|green|wild|basmati|jasmine|arborio|carnaroli|bomba|calasparra|sushi|risotto|pudding|paella|sticky|glutinous|sweet|thai|japanese|italian|spanish|american|indian|carolina|calrose|texmati|forbidden|purple|camargue|wholegrain|whole|wholemeal|fragrant|idli|dosa|sona|masoori|masuri|ponni|kolam|matta|gobindobhog|parboiled|converted|easy|cook|quick|instant|minute|broken|uncooked|rinsed|washed|soaked|organic|aged|polished|unpolished|patna|rice|good|best|plain|ordinary|leftover)$/;

/** Done to a vegetable without any heat. */
export const UNCOOKED =
  /^(?:(?:un)?peeled|sliced|diced|chopped|cubed|(?:un)?washed|rinsed|trimmed|grated|shredded|frozen|dried|canned|tinned|jarred|salted|unsalted|pickled|cured|mixed|pitted|(?:de)?seeded|stoned|halved|quartered|crushed|minced|rolled|pressed|prepared|packed|bagged|spirali[sz]ed|shelled|skinned|hulled|ripened|red|seed|pointed|scrubbed|topped|tailed|stemmed|cored|hearted|leaved|podded|assorted|thawed|drained|reserved|julienned|shaved|torn|flowered|speckled|striped|sprouted|soaked|fermented|preserved|sweetened|unsweetened|flavou?red|refrigerated|chilled|picked|segmented|zested|juiced|eyed|skinned|coloured|colored|headed|stalked)$/;
