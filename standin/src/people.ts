/** Somebody who lives on the stand-in platform. `account` never changes; `name` is what is shown. */
export interface Person {
  readonly account: string
  readonly name: string
  readonly operator: boolean
}

const person = (name: string, operator = false): Person => ({ account: name.toLowerCase(), name, operator })

export const STREAMER: Person = person('wanda_bench', true)

/** The crowd: people who come, talk and go. All made up. */
export const CROWD: readonly Person[] = [
  ...['rosa_dial', 'old_lathe'].map((name) => person(name, true)),
  ...[
    'MarenTin',
    'quietwrench',
    'pia_ohm',
    'tinker_jo',
    'sol_dering',
    'BrassBella',
    'capacitor_kit',
    'fuse_finn',
    'GlowTube',
    'hinge_hedy',
    'ida_anvil',
    'jig_and_saw',
    'knurl_ken',
    'LampLotte',
    'mica_moss',
    'needle_nora',
    'oilcan_otto',
    'pliers_pete',
    'QuartzQuinn',
    'rasp_rita',
    'shim_sam',
    'thimble_tove',
    'umbra_coil',
    'valve_vera',
    'wick_wim',
    'yoke_yara',
    'zinc_zoe',
    'bobbin_ben',
    'chisel_cleo',
    'dowel_dan',
    'ember_elin',
    'flux_fay',
    'gasket_gus',
    'hobnail_hal',
    'inlay_ines',
    'jewel_joan',
    'latch_leo',
    'mitre_mo',
  ].map((name) => person(name)),
]

/** What people in a workshop chat say. */
export const LINES: readonly string[] = [
  'that capacitor has seen things',
  'is it the mainspring or the escapement?',
  'good evening, bench',
  'the tram clock again, lovely',
  'I have the same lamp at home, it hums',
  'careful with the glass',
  'what did you use on the rust?',
  'that solder joint is a work of art',
  'put the kettle on, this will take a while',
  'who brings a radio with no back?',
  'listen to that tick',
  'can you show the underside?',
  'second screw from the left is stripped',
  'I would have used the smaller pliers',
  'it lives!',
  'mine only plays one station now',
  'is that brass or just painted?',
  'first time here, what are we mending?',
  'the bell is the best part',
  'greetings from the night shift',
]

/** Who streams the roof garden at dawn. */
export const GARDENER: Person = person('dawn_wren', true)

/** Who runs the installation: no streamer, and in no crowd. */
export const HOST: Person = person('ines_rack')

/** The garden's crowd: few, and some of them come to the workshop, too. */
export const GARDEN_CROWD: readonly Person[] = [
  person('rosa_dial', true),
  ...[
    'pia_ohm',
    'mica_moss',
    'early_finch',
    'PotAndPeat',
    'sage_sol',
    'tin_bucket',
    'rain_rill',
    'BeeBelow',
    'ivy_rung',
  ].map((name) => person(name)),
]

/** What people in a garden chat say. */
export const GARDEN_LINES: readonly string[] = [
  'first light already, lovely',
  'is that a blackbird?',
  'mine have powdery mildew again',
  'the beans are a hand higher than last week',
  'good morning from the night bus',
  'water before the sun is on them',
  'what is in the blue pot?',
  'the bees are up',
  'my balcony faces north, what grows there?',
  'steam from the compost, that is a good sign',
]
