import { ruleApplies, type RuleSituation } from '../../src/judging/checks/hold/ruleApplies';
import { BASE_KINDS, SURFACE_MATERIALS } from '../../src/words/carrier/surface';
import { VENUE_IDS } from '../../src/words/ride/venue';
import { BASES, CARRIERS, LINKS, RULES } from '../index.generated';

const plain: RuleSituation = {
  family: 'bike',
  traits: [],
  baseKind: 'clamp',
  material: 'alloy tube',
  worn: null,
  sheltered: false,
  links: [],
  venueId: 'private-ground',
};
const said = (over: Partial<RuleSituation>) =>
  RULES.filter((rule) => ruleApplies(rule, { ...plain, ...over })).map((rule) => rule.id);
const stops = (over: Partial<RuleSituation>) =>
  RULES.filter((rule) => rule.kind === 'stop' && ruleApplies(rule, { ...plain, ...over })).map((rule) => rule.id);

/** Every situation that the catalogue can come to. */
function* situations(): Generator<RuleSituation> {
  const linkKinds = [...new Set(LINKS.map((link) => link.kind))];
  const machines = CARRIERS.flatMap((carrier) => (carrier.kind === 'machine' ? [carrier] : []));
  const alike = new Map(machines.map(({ family, traits = [] }) => [`${family} ${traits.join()}`, { family, traits }]));
  for (const { family, traits } of alike.values())
    for (const baseKind of BASE_KINDS)
      for (const material of SURFACE_MATERIALS)
        for (const worn of [null, 'head', 'body'] as const)
          for (const sheltered of [false, true])
            for (const venueId of VENUE_IDS)
              for (const links of [[], ...linkKinds.map((kind) => [kind])])
                yield { family, traits, baseKind, material, worn, sheltered, venueId, links };
}

it('each rule is said somewhere, and none but those for every ride is said everywhere', () => {
  const unsaid = new Set(RULES);
  const everywhere = new Set(RULES);
  for (const situation of situations()) {
    for (const rule of unsaid) if (ruleApplies(rule, situation)) unsaid.delete(rule);
    for (const rule of everywhere) if (!ruleApplies(rule, situation)) everywhere.delete(rule);
  }
  expect([...unsaid].map(({ id }) => id)).toEqual([]);
  for (const rule of everywhere) expect([rule.id, rule.applies]).toEqual([rule.id, {}]);
});

it('conditions name what there is: families of carriers, kinds of base and of link of the catalogue', () => {
  const families = new Set<string>(CARRIERS.flatMap((c) => (c.kind === 'machine' ? [c.family] : [])));
  const kinds = new Set<string>(BASES.map((base) => base.kind));
  const links = new Set<string>(LINKS.map((link) => link.kind));
  for (const { id, applies } of RULES) {
    for (const family of applies.families ?? []) expect([id, families.has(family)]).toEqual([id, true]);
    for (const kind of applies.baseKinds ?? []) expect([id, kinds.has(kind)]).toEqual([id, true]);
    for (const link of applies.links ?? []) expect([id, links.has(link)]).toEqual([id, true]);
  }
});

it.each(RULES.map((rule) => [rule.id, rule] as const))(
  '%s says what to do and why, and promises nothing',
  (_, rule) => {
    expect(rule.text).toMatch(/^[A-Z].*\.$/);
    expect(rule.because.length).toBeGreaterThan(10);
    expect(`${rule.text} ${rule.because}`).not.toMatch(/\bsafe(ly|ty)?\b/i);
    // Who forbids must say who could allow, or that nobody does.
    if (rule.kind === 'stop') expect(rule.ask.length + rule.because.length).toBeGreaterThan(20);
  },
);

describe('what practice knows (common practice, no source)', () => {
  it('no suction outside an aircraft; inside and on a car it is no rule that stops it', () => {
    expect(stops({ family: 'aircraft', baseKind: 'suction', material: 'painted metal' })).toContain(
      'aircraft-outside-suction',
    );
    expect(
      stops({ family: 'aircraft', baseKind: 'suction', material: 'acrylic canopy', sheltered: true }),
    ).not.toContain('aircraft-outside-suction');
    expect(stops({ family: 'car', baseKind: 'suction', material: 'painted metal' })).toEqual([]);
  });

  it('outside an aircraft the inspector is asked, whatever holds it; on a bike nobody has to be', () => {
    const asked = (over: Partial<RuleSituation>) =>
      RULES.filter((rule) => ruleApplies(rule, { ...plain, ...over })).flatMap((rule) => rule.ask);
    for (const baseKind of ['clamp', 'strap', 'bolt', 'tape'] as const) {
      expect(asked({ family: 'aircraft', baseKind, material: 'painted metal', venueId: 'airfield' })).toContain(
        'the licensed inspector',
      );
    }
    expect(asked({})).not.toContain('the licensed inspector');
  });

  it('a helmet is spoken of on the head alone', () => {
    expect(said({ worn: 'head', material: 'shell', baseKind: 'adhesive' })).toContain('helmet');
    expect(said({ worn: 'body', material: 'webbing', baseKind: 'strap' })).not.toContain('helmet');
    expect(said({})).not.toContain('helmet');
  });

  it('a public road, open water and an event bring their own, and each its own alone', () => {
    const venues = {
      'public-road': 'public-road',
      'open-water': 'open-water',
      event: 'event',
      'private-ground': 'private-ground',
    } as const;
    for (const [venueId, rule] of Object.entries(venues)) {
      const heard = said({ venueId: venueId as RuleSituation['venueId'] });
      expect(heard).toContain(rule);
      for (const other of Object.values(venues)) if (other !== rule) expect(heard).not.toContain(other);
    }
  });

  it('whoever drives a car is told to leave it alone', () => {
    expect(said({ family: 'car', material: 'glass', baseKind: 'suction', sheltered: true })).toContain('car-driver');
  });

  const of = (id: string): Partial<RuleSituation> => {
    const machine = CARRIERS.find((carrier) => carrier.kind === 'machine' && carrier.id === id);
    if (machine?.kind !== 'machine') throw new RangeError(id);
    return { family: machine.family, traits: machine.traits ?? [] };
  };

  it('nobody inspects what flies by itself; batteries come out first, and it flies over nobody', () => {
    const rules = RULES.filter((rule) => ruleApplies(rule, { ...plain, ...of('multirotor'), venueId: 'airfield' }));
    expect(rules.filter(({ kind, id }) => kind === 'caution' && /aircraft-(outside|balance)|jump/.test(id))).toEqual(
      [],
    );
    expect(rules.map(({ id }) => id)).toEqual(expect.arrayContaining(['multirotor-ground', 'multirotor-flight']));
  });

  it('whoever hangs from lines keeps them clear, and stops the engine first; a wing with doors has a way out for jumpers', () => {
    const outside = { sheltered: false, venueId: 'airfield' } as const;
    expect(said({ ...of('paramotor'), ...outside })).toEqual(
      expect.arrayContaining(['paramotor-lines', 'propeller-stopped', 'aircraft-outside']),
    );
    expect(said({ ...of('paramotor'), ...outside })).not.toContain('jump-corridor');
    expect(said({ ...of('light-aircraft'), ...outside })).toEqual(
      expect.arrayContaining(['aircraft-balance', 'jump-corridor']),
    );
    expect(said(of('glider'))).not.toContain('propeller-stopped');
  });

  it('no pull is asked of a canopy, no strong tie of a helmet', () => {
    const words = (over: Partial<RuleSituation>) =>
      RULES.filter((rule) => ruleApplies(rule, { ...plain, ...over }))
        .map(({ text }) => text)
        .join(' ');
    expect(words({ ...of('glider'), material: 'acrylic canopy', baseKind: 'suction', sheltered: true })).not.toMatch(
      /\bpull\b/i,
    );
    expect(words({ ...of('kayak'), worn: 'head', baseKind: 'adhesive', material: 'shell' })).not.toMatch(
      /tie it|twice/i,
    );
  });
});
