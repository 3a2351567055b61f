"""The demo plan and the three teaching plans. All names are invented."""

INKS = {
    'soot': dict(id='soot', name='Soot', kind='archival', colour='#26262b', opacity=0.15, dryOnCard=60, dryOnMask=240),
    'loam': dict(id='loam', name='Loam', kind='dye', colour='#5d4636', opacity=0, dryOnCard=45, dryOnMask=240),
    'willow': dict(id='willow', name='Willow', kind='dye', colour='#47603f', opacity=0, dryOnCard=45, dryOnMask=240),
    'slate': dict(id='slate', name='Slate', kind='dye', colour='#566a7c', opacity=0, dryOnCard=45, dryOnMask=240),
    'ember': dict(id='ember', name='Ember', kind='pigment', colour='#a83a2c', opacity=0.2, dryOnCard=180, dryOnMask=300),
    'apricot': dict(id='apricot', name='Apricot', kind='dye', colour='#f3a568', opacity=0, dryOnCard=60, dryOnMask=240),
    'dusk': dict(id='dusk', name='Dusk', kind='dye', colour='#6f86b6', opacity=0, dryOnCard=60, dryOnMask=240),
    'silt': dict(id='silt', name='Silt', kind='dye', colour='#b79a6f', opacity=0, dryOnCard=60, dryOnMask=240),
    'mist': dict(id='mist', name='Mist', kind='hybrid', colour='#a9b6b8', opacity=0.05, dryOnCard=90, dryOnMask=270),
    'bulrush': dict(id='bulrush', name='Bulrush', kind='pigment', colour='#7a4a24', opacity=0.2, dryOnCard=180, dryOnMask=300),
    'frost': dict(id='frost', name='Frost', kind='pigment', colour='#fbfbf8', opacity=0.95, dryOnCard=300, dryOnMask=360),
    'night': dict(id='night', name='Night', kind='pigment', colour='#1d2233', opacity=0.95, dryOnCard=240, dryOnMask=300),
}


def rect(x0, y0, x1, y1):
    return [[[x0, y0], [x1, y0], [x1, y1], [x0, y1]]]


def card(width, height, fold, tape=0):
    return dict(panel=dict(width=width, height=height), trim=0, tape=tape, paper=dict(colour='#fdfcf7', thickness=.3),
                base=dict(width=width + 6.4, height=height + 6.4, fold=fold), mats=[dict(reveal=1.6, colour='#3b5a57')])


def put(id, stamp, ink, x, y, **more):
    return dict(id=id, stamp=stamp, ink=ink, at=[x, y], **more)


def used(stamps, impressions):
    return [stamps[k] for k in dict.fromkeys(i['stamp'] for i in impressions)]


def inks_used(impressions, washes):
    return [INKS[k] for k in dict.fromkeys([i['ink'] for i in impressions] + [w['ink'] for w in washes])]


def plan(title, notes, stamps, card, view, impressions, washes=(), spare=(), **more):
    list_ = used(stamps, impressions)
    list_ += [stamps[s] for s in spare if stamps[s] not in list_]
    return dict(format='havlo-plan', version=1, title=title, notes=notes, card=card, view=view, inks=inks_used(impressions, washes), stamps=list_,
                impressions=impressions, washes=list(washes), supplies=dict(maskLife=12, maskInset=.3, leastCut=1.2, leastHole=6.0), **more)


def canal(s):
    E, yh = .6, 45.0
    foot = lambda stamp, real: round(yh - s[stamp]['size']['height'] * E / real, 2)
    post_x = lambda y: round(108 - 118 * (45 - y) / 45, 2)
    hare = (98.0, foot('hare', .85))
    # the hand on the winding stick, in the hare's frame from its foot
    hand = (round(hare[0] + 10.7, 2), round(hare[1] + 28.2, 2))
    posts = [('post1', 'post-big', .6, 1), ('post2', 'post-middle', .6, 1), ('post3', 'post-small', .6, 2)]
    impressions = [
        put('hare', 'hare', 'soot', *hare, hero=True),
        put('string', 'kite-string', 'soot', *hand, turn=14, depth=dict(on='hare', behind=False)),
        put('kite', 'kite', 'ember', hand[0] + 22.0, hand[1] + 40.6, depth=dict(on='string', behind=False)),
        *[put(i, st, 'loam', post_x(foot(st, real)), foot(st, real), generation=g) for i, st, real, g in posts],
        put('duck', 'duck', 'soot', 146.0, foot('duck', .34), generation=1),
        put('reeds1', 'reeds', 'willow', 169.0, 36.4), put('reeds2', 'reeds', 'willow', 13.0, 36.2),
        put('boat', 'long-boat', 'slate', 158.4, foot('long-boat', 1.9)),
        put('poplar1', 'poplar-tall', 'willow', 25.0, foot('poplar-tall', 11)),
        put('poplar2', 'poplar-middle', 'willow', 51.0, foot('poplar-middle', 11), generation=2),
        put('poplar3', 'poplar-small', 'willow', 71.5, 42.5, generation=2),
        put('cottage', 'lock-cottage', 'slate', 158.0, foot('lock-cottage', 5.4), generation=2),
        put('towpath', 'towpath', 'loam', 88.9, 0.1, depth=dict(metres=700), generation=2),
        put('hills', 'hills', 'slate', 88.9, 44.0, depth=dict(metres=1500), generation=3),
        put('sun', 'low-sun', 'apricot', 92.0, 49.0, depth=dict(metres=100000), generation=3),
        put('greeting', 'up-you-go', 'soot', 72.0, 106.0, depth=dict(metres=1.0)),
    ]
    soft = ['poplar1', 'poplar2', 'poplar3', 'hills', 'string', 'greeting', 'reeds1', 'reeds2', 'post1', 'post2', 'post3', 'towpath', 'cottage']
    washes = [
        dict(id='glow', name='the evening glow', kind='glow', ink='apricot', area=rect(0, 44, 177.8, 127), **{'from': 'bottom'}, reach=.62, strength=.5, overImpressions=[t for t in soft if t != 'reeds1'] + ['sun']),
        dict(id='sky', name='the dusk sky', kind='sky', ink='dusk', area=rect(0, 60, 177.8, 127), **{'from': 'top'}, reach=.8, strength=.5, overImpressions=soft),
        dict(id='path', name='the path', kind='ground', ink='silt', area=[[[16, 0], [103, 0], [107.2, 42.6], [104, 42.6]]], **{'from': 'bottom'}, reach=1, strength=.42, overImpressions=soft),
        dict(id='meadow', name='the meadow', kind='ground', ink='willow', area=[[[0, 0], [14, 0], [103.4, 42.6], [88, 43.2], [0, 38.8]]], **{'from': 'bottom'}, reach=1, strength=.22, overImpressions=soft),
        dict(id='water', name='the water', kind='water', ink='dusk', area=[[[130, 0], [177.8, 0], [177.8, 36.2], [128, 42.8], [109, 44]]], **{'from': 'bottom'}, reach=1, strength=.4, overImpressions=soft + ['boat']),
    ]
    return plan('Kite over the long pound', 'A hare flies a kite from the towpath; the third poplar stands a little too near.', s, card(177.8, 127, 'top'),
                dict(horizon=yh, eyeHeight=E, vanishX=108, nearDistance=1.2, visibility=900), impressions, washes, spare=['heron'])


def dull(s):
    """The towpath gone dull: the hare sinks into the path, other things shout, the greeting is lost. Following the reading mends it."""
    import copy
    p = copy.deepcopy(canal(s))
    p['title'], p['notes'] = 'A dull evening on the pound', 'The hare is lost on the path and three things shout. The reading says what to do.'
    by = {i['id']: i for i in p['impressions']}
    by['hare'].update(ink='silt', generation=2)
    by['boat'].update(ink='loam')
    by['sun'].update(generation=1)
    by['cottage'].update(ink='soot', generation=1)
    by['reeds1'].update(ink='soot')
    by['greeting'].update(ink='dusk', generation=2)
    by['duck']['at'][0] = 152.0
    by['poplar3']['at'][1] = 43.6
    p['inks'] = inks_used(p['impressions'], p['washes']) + [INKS[k] for k in ('willow', 'soot') if not any(i['id'] == k for i in inks_used(p['impressions'], p['washes']))]
    return p


def crowd(s):
    E, yh = .6, 78.0
    foot = lambda real: round(yh - 12.8 * E / real, 2)
    spots = [('duck1', 40, .285), ('duck2', 52, .30), ('duck3', 66, .315), ('duck4', 46, .34), ('duck5', 59, .37), ('duck6', 74, .40)]
    impressions = [put(i, 'duck', 'soot', x, foot(h), hero=i == 'duck2') for i, x, h in spots]
    impressions += [put('reeds', 'reeds', 'willow', 88, round(78 - 22.69 * E / 1.7, 2), generation=2)]
    return plan('Crowd', 'Six ducks, one stamp: nearer ones are stamped first and covered, so that no line runs through a neighbour.', s, card(107.95, 139.7, 'left'),
                dict(horizon=yh, eyeHeight=E, vanishX=54, nearDistance=.8), impressions)


def avenue(s):
    E, yh, vx = 1.5, 62.0, 63.5
    impressions = []
    for k, (kind, gen) in enumerate((('tall', 1), ('middle', 2), ('small', 3))):
        stamp = f'poplar-{kind}'
        y = round(yh - s[stamp]['size']['height'] * E / 11, 2)
        for side in (-1, 1):
            impressions.append(put(f'{kind}-{"left" if side < 0 else "right"}', stamp, 'willow', round(vx + side * 46 * (yh - y) / 8.26, 2), y, generation=gen))
    hare_y = round(yh - s['hare']['size']['height'] * E / .97, 2)
    impressions.append(put('hare', 'hare', 'soot', 60.0, hare_y, hero=True))
    impressions.append(put('hills', 'hills', 'slate', 63.5, 61.0, depth=dict(metres=2000), generation=3))
    return plan('Avenue', 'One tree in three sizes: each stands where its size is right, so the row recedes of itself.', s, card(127, 177.8, 'left'),
                dict(horizon=yh, eyeHeight=E, vanishX=vx, nearDistance=3.0, visibility=600), impressions, spare=['lock-cottage'])


def silhouettes(s):
    E, yh = .6, 42.0
    foot = lambda stamp, real: round(yh - s[stamp]['size']['height'] * E / real, 2)
    over = dict(technique='overprint')
    impressions = [
        put('sun', 'low-sun', 'apricot', 64.0, 50.0, depth=dict(metres=100000)),
        put('poplar1', 'poplar-solid', 'night', 30.0, foot('poplar-solid', 11), **over), put('poplar2', 'poplar-solid', 'night', 47.0, foot('poplar-solid', 13), **over),
        put('hare', 'hare-solid', 'night', 76.0, foot('hare-solid', .85), hero=True, **over), put('heron', 'heron', 'night', 110.0, foot('heron', .95), **over),
    ]
    everything = [i['id'] for i in impressions]
    washes = [dict(id='glow', name='the glow', ink='apricot', area=rect(0, 0, 139.7, 107.95), **{'from': 'bottom'}, reach=.9, strength=.7, overImpressions=everything)]
    return plan('Overprinted silhouettes', 'Light first, dark on top: solid stamps in opaque ink need no masks at all.', s, card(139.7, 107.95, 'top', 4),
                dict(horizon=yh, eyeHeight=E, vanishX=70, nearDistance=1.2), impressions, washes)


def shed(s):
    """An interior: the room's measures follow from its back wall; what stands on the bench is at its distance."""
    E, yh, vx, D0 = 1.2, 88.0, 92.0, .9
    f = yh * D0 / E
    back_y = 38.0
    d_back = D0 * yh / (yh - back_y)
    at = lambda x, up, d: (round(vx + f * x / d, 2), round(yh + f * (up - E) / d, 2))
    left = (48.0 - vx) * d_back / f
    bench_up, bench_d, shelf_up = .75, d_back - .26, 1.34
    impressions = [
        put('cat', 'cat-asleep', 'soot', 82.0, 7.0, hero=True),
        put('geranium', 'pot-geranium', 'soot', 46.0, 19.0),
        put('can', 'watering-can', 'soot', *at(.86, bench_up, bench_d), depth=dict(metres=round(bench_d, 3))),
        put('seedling1', 'pot-seedling', 'soot', *at(.24, bench_up, bench_d), depth=dict(metres=round(bench_d, 3))),
        put('seedling2', 'pot-seedling', 'soot', *at(.47, bench_up, bench_d + .08), depth=dict(metres=round(bench_d + .08, 3))),
        put('seedling3', 'pot-seedling', 'soot', *at(left + .34, shelf_up, d_back - .12), depth=dict(metres=round(d_back - .12, 3)), generation=2),
        put('spade', 'spade', 'loam', 65.0, 36.4, turn=-3),
        put('onions', 'onions', 'bulrush', 150.0, 126.6, depth=dict(metres=1.1)),
        put('greeting', 'out-of-the-wind', 'soot', 75.0, 6.4, depth=dict(metres=.5)),
    ]
    impressions[-1]['at'] = [76.0, 111.0]
    room = dict(back=dict(left=48.0, bottom=back_y, width=96.0, height=84.0), floor='tiles', unit=.25, ceiling=True,
                openings=[dict(id='window', name='window', wall='back', along=1.28, width=.74, sill=.98, height=.66),
                          dict(id='door', name='door', wall='left', along=.24, width=.62, sill=0, height=1.72)],
                boxes=[dict(id='bench', name='bench', left=1.15, back=0, width=1.15, depth=.5, height=.06, up=.69),
                       dict(id='leg1', name='bench leg', left=1.2, back=.38, width=.07, depth=.07, height=.69, up=0),
                       dict(id='leg2', name='bench leg', left=2.12, back=.38, width=.07, depth=.07, height=.69, up=0),
                       dict(id='shelf', name='shelf', left=.12, back=0, width=.86, depth=.24, height=.04, up=1.30)])
    washes = [
        dict(id='light', name='the light from the window', ink='apricot', area=rect(40, 0, 177.8, 127), **{'from': 'right'}, reach=.8, strength=.24, overImpressions=['spade', 'onions', 'greeting']),
    ]
    return plan('Out of the wind', 'A potting shed in one-point perspective: tiles, bench and shelf are drawn from the pencil sheet; the cat sleeps where its size is right.', s,
                card(177.8, 127, 'top'), dict(horizon=yh, eyeHeight=E, vanishX=vx, nearDistance=D0), impressions, washes, room=room, light=dict(direction=62, height=34))


def fen(s):
    """Two rows of willows in mist along a cut; each place takes the size that is least wrong there."""
    import math
    E, yh, vx, D0, V = 1.2, 52.0, 96.0, 2.6, 130
    f = yh * D0 / E
    foot = lambda d: round(yh - f * E / d, 2)
    heights = {k: s[f'willow-{k}']['size']['height'] for k in ('big', 'middle', 'small')}
    impressions = [put('heron', 'heron', 'night', 80.0, round(yh - s['heron']['size']['height'] * E / .95, 2), hero=True)]
    for row, x, first, step, count in (('left', -5.2, 11.0, 7.4, 5), ('right', 6.4, 13.4, 7.4, 4)):
        for k in range(count):
            d = first + k * step
            kind = min(heights, key=lambda h: abs(math.log(heights[h] / (7.5 * f / d))))
            wanted = math.exp(-3.912 * d / V)
            ink, gen = ('slate', 1) if wanted > .62 else ('slate', 2) if wanted > .45 else ('mist', 1) if wanted > .32 else ('mist', 2)
            impressions.append(put(f'{row}{k + 1}', f'willow-{kind}', ink, round(vx + f * x / d, 2), foot(d), generation=gen, row=row))
    impressions += [
        put('reeds1', 'reeds', 'willow', 20.0, round(yh - s['reeds']['size']['height'] * E / 1.7, 2)),
        put('reeds2', 'reeds', 'willow', 160.0, round(yh - s['reeds']['size']['height'] * E / 1.5, 2)),
        put('moon', 'thin-moon', 'mist', 128.0, 92.0, depth=dict(metres=100000)),
        put('greeting', 'wish-you-were-near', 'soot', 46.0, 108.0, depth=dict(metres=1.0)),
    ]
    ground = [dict(id='cut', name='cut', kind='canal', along=[[118.0, 0.0], [vx, yh]], width=3.4, spacing=1.6, mirrors=True)]
    washes = [dict(id='haze', name='the mist', kind='mist', ink='mist', area=rect(0, yh, 177.8, 127), **{'from': 'bottom'}, reach=.7, strength=.5,
                   overImpressions=[i['id'] for i in impressions if i['id'] not in ('heron',)])]
    return plan('Willows in the fen', 'Mist takes the ink away with distance: nearer willows are pressed fresh, farther ones paler and in a paler ink.', s,
                card(177.8, 127, 'top'), dict(horizon=yh, eyeHeight=E, vanishX=vx, nearDistance=D0, visibility=V), impressions, washes, ground=ground,
                light=dict(at=[128.0, 98.0]))


def all_plans(s):
    return {'potting-shed': shed(s), 'misty-fen': fen(s), 'canal-towpath': canal(s), 'teaching-crowd': crowd(s), 'teaching-avenue': avenue(s), 'teaching-silhouettes': silhouettes(s), 'teaching-dull': dull(s)}
