"""Stamps of the potting shed behind the lock: a sleeping cat, pots, a can, a spade, drying onions. Each function gives
(Drawing, facts), as in stamps.py."""
import math
import random

from shapely.geometry import LineString, Point, Polygon, box
from shapely.ops import unary_union

from rubber import TICK, Drawing, blob, curve, limb, oval, scallops


def cat():
    """A cat asleep in a ring, its tail over its nose."""
    d = Drawing(311)
    body = blob([(2.0, 6.0), (2.6, 10.2), (5.6, 14.0), (10.4, 16.6), (16.0, 17.4), (21.8, 16.6), (26.6, 14.0), (29.8, 10.0), (30.6, 6.0), (29.2, 2.8),
                 (25.0, 1.0), (18.0, .4), (10.6, .5), (5.0, 1.6), (2.6, 3.4)])
    d.part(body)
    # the far shoulder and the back's stripes
    d.line([(9.0, 15.6), (11.4, 12.2), (12.6, 9.4)], .3)
    for x, y, l in ((14.2, 16.9, 4.6), (17.4, 17.0, 5.2), (20.6, 16.5, 5.0), (23.6, 15.3, 4.4), (26.2, 13.6, 3.6)):
        lean = (x - 15) * .12
        d.line([(x, y), (x + lean * .5 - .3, y - l * .5), (x + lean - .2, y - l)], .62, .2)
        d.line([(x + 1.2, y - .3), (x + 1.0 + lean * .5, y - l * .36)], .3, .3)
    # haunch
    haunch = blob([(17.4, 4.6), (19.0, 8.8), (23.0, 10.6), (27.2, 9.0), (29.0, 5.6), (27.6, 2.6), (22.8, 1.6), (18.6, 2.4)])
    d.line([(17.6, 5.0), (19.2, 8.8), (23.0, 10.4), (26.8, 9.0), (28.6, 6.4)], .42)
    d.hatch(haunch.intersection(box(22, 2.4, 29, 9)).buffer(-.5), 62, .85, TICK, .35)
    # head, cheek on the paws
    ear1 = blob([(4.6, 11.6), (3.8, 14.8), (4.1, 16.4), (6.4, 14.8), (8.0, 12.6)])
    ear2 = blob([(10.2, 12.6), (11.6, 15.2), (13.4, 16.3), (13.8, 13.6), (12.6, 10.6)])
    d.part(ear1, .46), d.part(ear2, .46)
    d.line([(4.9, 14.8), (5.4, 13.2), (6.4, 12.4)], .24), d.line([(12.8, 14.8), (12.5, 13.0), (11.6, 12.0)], .24)
    head = blob([(3.0, 8.4), (3.4, 11.0), (5.6, 12.9), (8.6, 13.4), (11.6, 12.6), (13.6, 10.4), (13.8, 7.6), (12.4, 5.0), (9.4, 3.4), (6.0, 3.9), (3.8, 5.8)])
    d.part(head)
    for x in (7.2, 8.5, 9.8):
        d.line([(x, 13.0), (x + (x - 8.5) * .1, 11.4)], .38, .3)
    d.line([(4.7, 8.9), (5.5, 8.2), (6.5, 8.1), (7.3, 8.6)], .4)       # closed eyes
    d.line([(9.4, 8.6), (10.3, 8.0), (11.3, 8.1), (12.1, 8.8)], .4)
    d.black(blob([(7.7, 6.9), (8.5, 7.1), (9.2, 6.9), (8.5, 6.1)]))
    d.line([(8.5, 6.2), (8.4, 5.6), (7.5, 5.2)], .26), d.line([(8.4, 5.6), (9.4, 5.2)], .26)
    for y, k in ((6.6, .5), (6.0, -.1), (5.4, -.7)):
        d.line([(5.9, y), (3.4, y + k * .5), (.9, y + k)], .17, .5)
        d.line([(11.1, y), (13.4, y + k * .5), (15.6, y + k)], .17, .5)
    d.ticks(head.intersection(box(11.2, 7.6, 13.6, 11)).buffer(-.3), 5, .3, -.6)
    # tail round the front, over the paws
    tail = limb([(29.6, 4.4), (27.4, 1.9), (21.6, 1.5), (15.4, 1.9), (9.8, 2.6), (6.2, 3.6)], [1.5, 1.7, 1.65, 1.6, 1.5, 1.05])
    d.part(tail, .46)
    for x, y in ((25.4, 1.8), (21.8, 1.5), (18.2, 1.7), (14.6, 2.0), (11.2, 2.5)):
        d.line([(x - .3, y + 1.4), (x + .2, y), (x - .2, y - 1.3)], .5, .4)
    d.ticks(body.intersection(box(3, 12, 14, 16.4)).buffer(-.4), 14, .4, -.8)
    d.silhouette = unary_union([body, tail, ear1, ear2])
    return d, dict(id='cat-asleep', name='Sleeping cat', role='animal', foot=[16.0, .4], facing='left', real=(.24, .19, .28), tags=['cat', 'asleep', 'shed'])


def pot(kind):
    """A clay pot with something growing in it."""
    if kind == 'geranium':
        d = Drawing(321)
        cx = 12.0
        for x, y, r, lean in ((6.4, 24.6, 2.5, -.3), (12.4, 29.4, 2.9, .1), (18.0, 25.4, 2.4, .3)):
            d.line([(cx + lean * 2, 13), (x + (cx - x) * .35, (y + 13) / 2), (x, y - r)], .4, .7)
        leaves = [(5.4, 14.8, 3.0), (18.8, 15.0, 3.1), (8.6, 18.8, 3.3), (15.4, 19.2, 3.4), (12.0, 15.4, 3.2)]
        for x, y, r in leaves:
            edge = [(x + r * (1 + .1 * math.sin(5 * a)) * math.cos(a), y + r * .8 * (1 + .1 * math.sin(5 * a)) * math.sin(a)) for a in [k * math.pi / 8 for k in range(16)]]
            d.part(scallops(edge, 1.3, .4), .4)
            for a in (.5, 1.25, 1.9, 2.6):
                d.line([(x, y - r * .4), (x + r * .62 * math.cos(a), y - r * .3 + r * .72 * math.sin(a))], .2, .4)
        for x, y, r in ((6.4, 24.6, 2.5), (12.4, 29.4, 2.9), (18.0, 25.4, 2.4)):
            ball = [(x + r * math.cos(a), y + r * .86 * math.sin(a)) for a in [k * math.pi / 8 for k in range(16)]]
            d.part(scallops(ball, 1.35, .6), .42)
            for _ in range(7):
                a, q = random.uniform(0, 6.28), random.uniform(.1, .62) * r
                d.line([(x + q * math.cos(a) - .35, y + q * math.sin(a)), (x + q * math.cos(a), y + q * math.sin(a) + .3), (x + q * math.cos(a) + .35, y + q * math.sin(a))], .24)
        body, rim, low = [(6.0, 10.2), (7.6, .6), (16.4, .6), (18.0, 10.2)], [(5.2, 13.2), (5.5, 10.2), (18.5, 10.2), (18.8, 13.2)], 1.0
        facts = dict(id='pot-geranium', name='Pot with a geranium', role='plant', foot=[12.0, .5], facing='none', real=(.5, .38, .62), tags=['pot', 'flower', 'shed'])
    else:
        d = Drawing(322)
        cx = 7.0
        body, rim, low = [(3.4, 6.2), (4.4, .5), (9.6, .5), (10.6, 6.2)], [(2.8, 8.6), (3.0, 6.2), (11.0, 6.2), (11.2, 8.6)], .8
        # two seed leaves
        d.line([(7.0, 8.4), (7.1, 10.6), (6.9, 12.6)], .36, .7)
        d.part(blob([(6.9, 12.4), (5.0, 13.0), (3.4, 14.6), (4.4, 15.4), (6.4, 14.6)]), .38)
        d.part(blob([(7.0, 12.5), (8.8, 13.2), (10.6, 14.9), (9.4, 15.5), (7.6, 14.6)]), .38)
        d.line([(6.6, 12.9), (4.6, 14.7)], .2), d.line([(7.3, 12.9), (9.4, 14.8)], .2)
        facts = dict(id='pot-seedling', name='Pot with a seedling', role='plant', foot=[7.0, .4], facing='none', real=(.22, .16, .3), tags=['pot', 'seedling', 'shed'])
    clay = Polygon(curve([body[0], ((body[0][0] + body[1][0]) / 2 - .1, (body[0][1] + body[1][1]) / 2), body[1], ((body[1][0] + body[2][0]) / 2, body[1][1] - .3),
                          body[2], ((body[2][0] + body[3][0]) / 2 + .1, (body[2][1] + body[3][1]) / 2), body[3]], True)).buffer(0)
    clay = Polygon(body).buffer(.25)
    d.part(clay)
    d.hatch(clay.intersection(box(cx + .8, low, 40, body[0][1])).buffer(-.4), 80, .85, TICK, .3)
    d.line([(body[0][0] + 1.3, body[0][1] - 1.6), (body[1][0] + 1.0, 2.2)], .24, .4)
    lip = Polygon(rim).buffer(.35)
    d.part(lip)
    d.line([(rim[1][0] + .8, rim[1][1] + .55), (cx, rim[1][1] + .4), (rim[2][0] - .8, rim[2][1] + .55)], .22)
    d.hatch(lip.intersection(box(cx + 2.2, 0, 40, 40)).buffer(-.35), 80, .75, TICK, .3)
    d.silhouette = unary_union([d.silhouette, clay, lip])
    return d, facts


def can():
    """A watering can, its spout to the right."""
    d = Drawing(331)
    # handle over the top
    outer = LineString(curve([(4.2, 12.4), (3.0, 17.4), (7.4, 20.6), (13.0, 19.4), (15.2, 14.6), (15.0, 11.6)])).buffer(.75)
    d.part(outer, .4)
    spout = blob([(15.6, 4.0), (16.0, 7.4), (20.6, 11.4), (24.8, 16.2), (26.2, 15.2), (22.4, 9.6), (19.0, 5.2)])
    d.part(spout)
    d.line([(17.4, 6.2), (21.2, 10.2), (24.4, 14.2)], .24)
    rose = blob([(23.6, 16.4), (25.4, 18.4), (28.2, 15.4), (26.6, 13.8)])
    d.part(rose)
    for t in (.2, .5, .8):
        d.black(Point(25.3 + 2.2 * t, 17.6 - 2.3 * t).buffer(.22))
    body = Polygon([(2.2, .8), (3.0, 12.6), (15.8, 12.6), (16.6, .8)]).buffer(.4)
    d.part(body)
    top = oval(9.4, 12.8, 6.6, 1.5)
    d.part(top, .42)
    d.line([(4.2, 12.6), (9.2, 12.0), (14.6, 12.6)], .22)
    for y in (2.2, 10.6):
        d.line([(2.6, y), (9.4, y - .5), (16.2, y)], .28, .7)
    d.hatch(body.intersection(box(11.6, 2.6, 17, 10)).buffer(-.4), 84, .9, TICK, .3)
    d.line([(4.6, 9.2), (4.3, 4.0)], .24, .4)
    d.silhouette = unary_union([body, spout, rose, outer, top])
    return d, dict(id='watering-can', name='Watering can', role='prop', foot=[9.4, .4], facing='right', real=(.38, .3, .45), tags=['can', 'shed'],
                   contacts=[dict(kind='perch', at=[9.0, 20.4])])


def spade():
    """A spade leaning on a wall."""
    d = Drawing(341)
    grip = blob([(1.2, 43.4), (1.0, 45.6), (3.2, 46.6), (5.6, 45.8), (5.4, 43.6), (4.5, 43.4), (4.3, 44.6), (3.3, 45.1), (2.3, 44.5), (2.2, 43.3)])
    d.part(grip, .42)
    shaft = limb([(3.3, 43.6), (3.9, 30.0), (4.5, 15.0)], [.72, .7, .78])
    d.part(shaft, .44)
    d.line([(3.8, 40.0), (4.1, 30.0), (4.5, 20.0)], .22, .3)
    for y in (36, 27.4, 21):
        d.line([(3.7, y), (4.4, y + .5)], .2)
    blade = blob([(1.6, 14.6), (1.4, 9.4), (1.9, 4.4), (3.6, .9), (5.1, .2), (6.6, 1.0), (8.2, 4.6), (8.4, 9.6), (8.0, 14.8), (4.8, 15.2)])
    d.part(blade)
    d.part(limb([(4.5, 16.4), (4.75, 11.2)], [.95, .7]), .36)
    d.hatch(blade.intersection(box(5.4, 2.2, 8.4, 13.6)).buffer(-.4), 74, .85, TICK, .3)
    d.ticks(blade.intersection(box(2, 1.4, 5, 4.6)).buffer(-.3), 8, .5, -.5)
    return d, dict(id='spade', name='Spade', role='prop', foot=[5.1, .2], facing='none', real=(1.05, .9, 1.2), tags=['spade', 'shed'])


def onions():
    """A string of onions, hung up to dry."""
    d = Drawing(351)
    d.part(limb([(6.4, 31.6), (6.2, 28.0), (6.6, 22.0), (6.2, 12.0)], [.55, .9, 1.1, .9]), .4)
    for y in (29.4, 27.6, 25.6, 23.6):
        d.line([(5.4, y), (6.4, y + .9), (7.4, y + .2)], .24)
    for x, y, r in ((3.6, 20.4, 2.6), (9.2, 19.6, 2.7), (6.2, 16.4, 2.9), (2.9, 13.2, 2.6), (9.6, 12.6, 2.8), (6.0, 9.0, 2.9), (3.2, 5.6, 2.5), (9.0, 5.2, 2.7), (6.2, 2.9, 2.6)):
        bulb = blob([(x, y + r * 1.3), (x + r * .38, y + r * .74), (x + r, y + r * .1), (x + r * .72, y - r * .74), (x, y - r), (x - r * .72, y - r * .74), (x - r, y + r * .1), (x - r * .38, y + r * .74)])
        d.part(bulb, .42)
        for s in (-.45, .1, .55):
            d.line([(x + s * r * .25, y + r * .8), (x + s * r * .95, y), (x + s * r * .5, y - r * .75)], .21, .35)
        d.ticks(bulb.intersection(box(x + r * .2, y - r, x + r, y + r)).buffer(-.25), 5, .1, -.6)
    return d, dict(id='onions', name='String of onions', role='prop', foot=[6.4, 31.6], facing='none', real=(.6, .45, .75), tags=['onions', 'hanging', 'shed'],
                   contacts=[dict(kind='start', at=[6.4, 32.0])])


def shed():
    return [cat(), pot('geranium'), pot('seedling'), can(), spade(), onions()]
