"""More stamps of the canal and its surroundings: trees and lamps in three sizes, animals that look left, bridge, fence,
sky things, water, foliage, a banner and two sentiments. Each function gives (Drawing, facts), as in stamps.py."""
import math
import random

from shapely.geometry import LineString, Point, Polygon, box
from shapely.ops import unary_union

from rubber import TICK, Drawing, blob, curve, letters, limb, oval, pen, scallops


def sitting_hare():
    """A hare that has sat down to look back over its shoulder, to the left."""
    d = Drawing(211)
    # far ear, laid back
    d.part(blob([(13.6, 26.4), (15.6, 28.6), (18.2, 31.6), (20.6, 33.6), (21.6, 33.2), (21.0, 31.4), (18.6, 27.8), (15.8, 25.0)]))
    d.line([(20.4, 32.6), (18.0, 29.6), (15.6, 26.8)], .24)
    # tail
    d.part(scallops([(23.6, 3.4), (25.6, 4.6), (26.4, 3.0), (25.4, 1.2), (23.6, 1.4)], 1.1, .8))
    body = blob([(10.4, 20.6), (13.6, 21.4), (16.8, 20.2), (19.8, 17.2), (22.4, 13.0), (24.2, 8.6), (24.6, 4.6), (23.4, 1.6),
                 (19.0, .5), (13.0, .4), (9.6, .9), (9.2, 4.4), (9.3, 9.0), (9.2, 13.6), (9.4, 17.6)])
    d.part(body)
    # haunch and long foot
    haunch = blob([(13.6, 7.8), (15.8, 11.2), (19.6, 11.6), (22.8, 8.8), (23.8, 5.0), (22.6, 1.8), (18.6, .8), (14.6, 1.6), (13.0, 4.4)])
    foot = blob([(18.6, 2.6), (14.8, 2.7), (11.0, 2.5), (8.0, 2.2), (6.4, 1.4), (6.6, .4), (10.0, .15), (15.6, .15), (19.0, .4)])
    d.part(foot)
    d.line([(13.4, 4.0), (13.8, 7.6), (16.0, 11.0), (19.6, 11.4), (22.4, 9.0)], .42)
    d.hide(blob([(14.0, 1.4), (18.6, 1.3), (18.4, 2.9), (14.4, 2.8)]))
    d.line([(8.0, .8), (8.4, 1.7)], .2), d.line([(9.6, .7), (9.9, 1.6)], .2)
    d.ticks(haunch.intersection(box(17, 2.6, 23.4, 10)).buffer(-.6), 12, .35, -1.1)
    # fore leg, straight down
    leg = limb([(10.9, 12.6), (9.9, 7.6), (9.3, 3.6), (8.6, 1.7)], [1.5, 1.25, 1.0, .95])
    d.part(leg)
    d.hide(limb([(10.9, 12.8), (10.5, 10.8)], [1.1, 1.0]))
    d.line([(8.2, 1.2), (8.4, 2.0)], .19), d.line([(9.1, 1.2), (9.1, 2.0)], .19)
    d.hatch(body.intersection(box(18, 6, 25, 19)).buffer(-.6), 118, .95, broken=.3)
    # neckerchief
    d.part(blob([(9.2, 20.9), (12.2, 21.8), (15.0, 21.6), (15.4, 20.2), (13.6, 19.0), (10.8, 18.7), (9.0, 19.4)]), .42)
    d.part(blob([(11.2, 19.4), (9.8, 17.4), (9.6, 14.9), (10.9, 15.5), (11.8, 14.6), (12.8, 16.8), (12.6, 19.2)]), .4)
    d.hatch(blob([(11.0, 18.9), (10.2, 17.2), (10.2, 15.8), (11.8, 15.6), (12.3, 17.0), (12.2, 18.9)]).buffer(-.25), 70, .7, .18)
    # head looking left
    head = blob([(13.9, 26.2), (13.2, 28.0), (11.4, 29.0), (9.2, 28.7), (7.4, 27.4), (5.6, 25.8), (4.4, 24.6), (4.1, 23.5), (5.0, 22.8),
                 (7.2, 22.3), (9.8, 21.6), (12.2, 21.4), (13.8, 22.6), (14.3, 24.4)])
    d.part(head)
    d.black(oval(8.6, 26.1, .7, .84, 14)), d.white(Point(8.35, 26.45).buffer(.24))
    d.line([(7.6, 27.2), (8.6, 27.6), (9.6, 27.3)], .26)
    d.black(oval(4.6, 24.1, .5, .38, 30))
    d.line([(4.9, 23.5), (5.8, 23.2), (6.7, 23.6)], .25)
    for a in (-.1, .5, 1.1):
        d.line([(6.1, 24.5), (7.2, 24.1 - a * .3), (8.4, 24.2 - a * .8)], .17, .5)
    d.ticks(blob([(10.4, 23), (12.6, 22.6), (13.4, 24.6), (12.6, 27), (11.2, 27.4)]).buffer(-.2), 12, .4, -.7)
    # near ear, up
    near = blob([(10.6, 28.0), (10.2, 31.0), (10.5, 34.4), (11.4, 38.0), (12.4, 39.2), (13.4, 38.0), (14.1, 34.4), (14.0, 31.0), (13.2, 27.6)])
    d.part(near)
    d.hide(blob([(10.9, 27.4), (13.1, 27.2), (13.0, 28.8), (11.0, 29.0)]))
    d.line([(12.3, 37.4), (12.0, 34.0), (12.0, 30.2)], .28), d.line([(13.0, 35.4), (13.0, 32.6)], .22)
    return d, dict(id='hare-sitting', name='Sitting hare', role='figure', foot=[15.2, .2], facing='left', real=(.72, .6, .9), tags=['hare', 'looking back'])


def duck_left():
    """A duck that sleeps with its bill under its wing, adrift to the left."""
    d = Drawing(221)
    d.part(blob([(20.4, 5.4), (21.8, 7.2), (22.2, 8.6), (20.8, 8.0), (18.8, 7.0), (18.6, 5.0)]), .44)
    body = blob([(2.0, 4.2), (1.6, 6.0), (2.6, 7.4), (4.6, 7.9), (8.0, 7.6), (12.0, 7.9), (15.6, 7.8), (18.8, 6.6), (20.8, 5.2), (20.0, 2.9), (16.4, 1.5), (11.0, 1.2), (6.0, 1.5), (3.2, 2.6)])
    d.part(body)
    head = oval(6.4, 8.2, 3.0, 2.5, 12)
    d.part(head)
    d.hide(blob([(4.2, 6.2), (8.8, 6.6), (8.6, 7.6), (4.6, 7.4)]))
    d.line([(5.2, 8.3), (6.0, 7.9), (6.8, 8.2)], .32)  # a closed eye
    wing = blob([(6.8, 6.0), (8.6, 7.6), (12.4, 7.4), (16.2, 6.0), (18.8, 4.4), (15.4, 3.3), (10.6, 3.0), (7.6, 4.0)])
    d.part(wing, .38)
    for y, x in ((6.3, 9.4), (5.4, 9.8), (4.4, 10.2)):
        d.line([(x, y), (x + 2.6, y - .1), (x + 5.4, y - .9)], .24)
    d.hatch(body.intersection(box(4, 1.3, 17, 2.8)).buffer(-.3), 160, .62)
    for x, l in ((.4, 6), (8, 7), (16.4, 6)):
        d.line([(x, .9), (x + l * .5, .6), (x + l, .95)], .3)
    d.silhouette = unary_union([d.silhouette, limb([(.6, .9), (11, .8), (22, .9)], [.35, .5, .35]), body])
    return d, dict(id='duck-asleep', name='Sleeping duck', role='animal', foot=[11.2, .8], facing='left', real=(.26, .2, .32), tags=['duck', 'adrift'])


def willow(kind):
    """A pollard willow: a stout trunk, a knobbed head, wands that rise and fall. Three drawings, not one scaled."""
    height, seed, wands, leaf = {'big': (52, 231, 15, 2.1), 'middle': (33, 232, 10, 1.7), 'small': (19, 233, 7, 1.35)}[kind]
    d = Drawing(seed)
    half = height * .36
    cx = half + 1
    head_y = height * .42
    w = height * .066
    crown = []
    for k in range(24):
        a = 2 * math.pi * k / 24
        r = 1 + .09 * math.sin(3 * a + seed) + .06 * math.sin(5 * a)
        crown.append((cx + half * .98 * r * math.cos(a), head_y + height * .245 + height * .31 * r * math.sin(a) * (1 if math.sin(a) > 0 else .72)))
    mass = scallops(crown, leaf, .8)
    trunk = Polygon(curve([(cx - w * 1.7, .2), (cx - w * .95, head_y * .3), (cx - w * .85, head_y * .7), (cx - w * 1.5, head_y * 1.02),
                           (cx, head_y * 1.16), (cx + w * 1.5, head_y), (cx + w * .8, head_y * .66), (cx + w * .95, head_y * .3), (cx + w * 1.6, .3), (cx, .7)], True)).buffer(0)
    d.part(mass, {'big': .5, 'middle': .46, 'small': .4}[kind])
    inside = mass.buffer(-.7)
    for k in range(wands):
        t = (k + .5) / wands
        a = math.radians(168 - 156 * t + random.uniform(-5, 5))
        r1, r2 = height * .2, height * random.uniform(.40, .5)
        up = (cx + math.cos(a) * r1, head_y + math.sin(a) * r1 * 1.35)
        tip = (cx + math.cos(a) * r2 * 1.02, head_y + math.sin(a) * r2 * .98 - abs(math.cos(a)) * height * .13)
        d.line([(cx + math.cos(a) * w, head_y * 1.02 + math.sin(a) * w), up, ((up[0] + tip[0]) / 2 + math.cos(a) * 1.2, (up[1] + tip[1]) / 2 + height * .03), tip], .27 if kind != 'small' else .23, .4, within=inside)
    # leaves hang in short strokes, denser on the shaded right
    count = {'big': 74, 'middle': 36, 'small': 14}[kind]
    placed = []
    for _ in range(5000):
        if len(placed) >= count:
            break
        x, y = random.uniform(cx - half, cx + half), random.uniform(head_y - height * .02, height)
        shade = (x - cx + half) / (2 * half)
        if random.random() > .25 + shade or not Point(x, y).within(inside) or any(math.dist((x, y), q) < leaf * .8 for q in placed):
            continue
        placed.append((x, y))
        s = leaf * random.uniform(.6, .95)
        lean = (x - cx) / half * .5
        d.line([(x, y), (x + lean * s * .4 + .12, y - s * .55), (x + lean * s, y - s)], .24 if kind == 'big' else .21, .45, within=mass)
    d.part(trunk, {'big': .5, 'middle': .46, 'small': .4}[kind])
    d.hatch(trunk.intersection(box(cx + w * .1, .5, cx + w * 2, head_y)).buffer(-.35), 84, {'big': .95, 'middle': .8, 'small': .7}[kind], TICK, .4)
    if kind != 'small':
        d.line([(cx - w * .5, head_y * .25), (cx - w * .3, head_y * .5), (cx - w * .5, head_y * .76)], .26)
        d.line([(cx - w * .1, head_y * .5), (cx + w * .2, head_y * .56), (cx, head_y * .64), (cx - w * .2, head_y * .56)], .26)
    for s in (-1, 1):
        for q in (1.5, 2.2):
            d.line([(cx + s * w * q, .25), (cx + s * w * (q + .1), height * .035)], .24, .4)
    d.silhouette = unary_union([d.silhouette, mass, trunk])
    return d, dict(id=f'willow-{kind}', name={'big': 'Big willow', 'middle': 'Middle willow', 'small': 'Small willow'}[kind], role='tree', foot=[round(cx, 2), .3], facing='none', real=(7.5, 5, 11),
                   tags=['willow', 'row'])


def lamp(kind):
    """A wharf lamp on an iron post."""
    height, seed = {'big': (40, 241), 'middle': (25, 242), 'small': (15.5, 243)}[kind]
    d = Drawing(seed)
    u = height / 40
    line = {'big': .46, 'middle': .42, 'small': .36}[kind]
    cx = 4.6 * u + .6
    at = lambda x, y: (cx + x * u, y * u)
    d.part(Polygon([at(-2.6, .1), at(-2.2, 1.7), at(-1.5, 2.4), at(1.5, 2.4), at(2.2, 1.7), at(2.6, .1)]).buffer(.12), line)
    d.part(limb([at(0, 2.3), at(0, 12), at(0, 27.4)], [max(.95 * u, .45), max(.78 * u, .38), max(.62 * u, .32)]), line)
    for y in (6.4, 24.6):
        d.part(Polygon([at(-1.4, y), at(-1.4, y + 1.1), at(1.4, y + 1.1), at(1.4, y)]).buffer(.1), line * .9)
    if kind != 'small':  # the ladder bar
        d.part(limb([at(-3.4, 23.2), at(3.4, 23.2)], [max(.34 * u, .24), max(.34 * u, .24)]), line * .8)
    glass = Polygon([at(-2.2, 27.6), at(-3.5, 34.4), at(3.5, 34.4), at(2.2, 27.6)]).buffer(.1)
    d.part(glass, line)
    d.line([at(-.75, 27.8), at(-1.1, 34.2)], max(.2, .28 * u), .8, False), d.line([at(.75, 27.8), at(1.1, 34.2)], max(.2, .28 * u), .8, False)
    d.part(Polygon(curve([at(-4.4, 34.4), at(-2.8, 36.6), at(-.8, 37.8), at(.8, 37.8), at(2.8, 36.6), at(4.4, 34.4)]) + [at(4.4, 34.4)]).buffer(.12), line)
    d.part(oval(cx, 38.6 * u, max(.75 * u, .36), max(.9 * u, .42)), line * .85)
    if kind == 'big':
        d.hatch(Polygon([at(.2, 3), at(.9, 3), at(.6, 26), at(.2, 26)]), 88, .4, .17)
        d.hatch(Polygon([at(-3.6, 35), at(-2.4, 36.4), at(-.8, 37.4), at(-.8, 35)]).buffer(-.2), 40, .6)
        d.line([at(-.2, 29.4), at(.4, 30.6), at(0, 32.4), at(-.5, 30.8), at(-.2, 29.4)], .26)
    for s in (-1, 1):
        d.line([at(s * 3.2, .2), at(s * 3.5, 1.4)], .22, .4)
    return d, dict(id=f'lamp-{kind}', name={'big': 'Big wharf lamp', 'middle': 'Middle wharf lamp', 'small': 'Small wharf lamp'}[kind], role='prop', foot=[round(cx, 2), .2], facing='none', real=(3.2, 2.7, 3.8),
                   tags=['lamp', 'row', 'wharf'])


def fence(kind):
    """Two bays of a meadow fence."""
    height, width, seed = {'near': (15, 44, 251), 'far': (8, 27, 252)}[kind]
    d = Drawing(seed)
    line = .44 if kind == 'near' else .38
    for y in (.32, .62, .88):
        y0 = height * y
        top = [(0.6, y0 + random.uniform(-.2, .2)), (width * .33, y0 + random.uniform(-.3, .3)), (width * .66, y0 + random.uniform(-.3, .3)), (width - .6, y0 + random.uniform(-.2, .2))]
        d.part(limb(top, [height * .038, height * .044, height * .04, height * .036]), line * .9)
        d.line([(x + 2, q - .02) for x, q in top[:2]], .2, .5)
    posts = (width * .07, width * .5, width * .93)
    for x in posts:
        w = height * .06
        d.part(Polygon(curve([(x - w, .2), (x - w * .9, height * .5), (x - w * .8, height * .93), (x - w * .1, height), (x + w * .8, height * .95), (x + w * .9, height * .5), (x + w, .3), (x, .05)], True)).buffer(0), line)
        d.hatch(box(x + w * .1, .6, x + w * .8, height * .9), 88, .5, .17, .3)
        for q in (-1.5, -.9, 1.0, 1.7):
            d.line([(x + q, .2), (x + q * 1.25, random.uniform(1.0, 2.2) * height / 15)], .22, .4)
    return d, dict(id=f'fence-{kind}', name='Meadow fence' if kind == 'near' else 'Far fence', role='prop', foot=[round(width / 2, 2), .2], facing='none', real=(1.15, 1.0, 1.3), tags=['fence', 'row'])


def bridge():
    """A humpback bridge of brick over the cut; what is under the arch is open."""
    d = Drawing(261)
    top = curve([(.6, 12.6), (8, 16.2), (17, 20.4), (26, 22.2), (35, 20.6), (44, 16.6), (52.4, 12.8)])
    wall = Polygon(top + [(52.4, .4), (42.6, .3)] + curve([(38.4, .3), (38.2, 5.0), (35.6, 10.6), (30.6, 14.4), (25.6, 15.2), (20.4, 14.0), (15.6, 10.2), (13.4, 4.6), (13.2, .3)]) + [(9.0, .3), (.5, .4)]).buffer(0)
    d.part(wall)
    # coping
    coping = Polygon(curve([(.2, 12.4), (8, 16.0), (17, 20.2), (26, 22.0), (35, 20.4), (44, 16.4), (52.8, 12.6)]) + list(reversed(curve([(.2, 14.2), (8, 17.8), (17, 22.0), (26, 23.9), (35, 22.2), (44, 18.2), (52.8, 14.4)])))).buffer(.05)
    d.part(coping, .44)
    for k in range(1, 16):
        x = .4 + k * 3.3
        y = 12.5 + 9.5 * math.sin(math.pi * min(1, max(0, (x + 1) / 54))) ** 1.25
        d.line([(x, 10), (x - .1, 26)], .22, .9, False, within=coping.buffer(-.25))
    # voussoirs round the arch
    arch = LineString(curve([(13.2, .4), (13.4, 4.6), (15.6, 10.2), (20.4, 14.0), (25.6, 15.2), (30.6, 14.4), (35.6, 10.6), (38.2, 5.0), (38.4, .4)]))
    outer = arch.buffer(2.1)
    d.line(list(arch.parallel_offset(2.1, 'left').coords), .3, .8)
    for k in range(1, 20):
        p = arch.interpolate(k / 20, normalized=True)
        q = arch.interpolate(k / 20 + .004, normalized=True)
        nx, ny = -(q.y - p.y), q.x - p.x
        n = math.hypot(nx, ny)
        d.line([(p.x + nx / n * .4, p.y + ny / n * .4), (p.x + nx / n * 2.0, p.y + ny / n * 2.0)], .24, .8, False)
    plain = wall.difference(outer).buffer(-.7)
    for row in range(9):
        y = 1.6 + row * 1.75
        for k in range(15):
            x = 1.6 + k * 3.5 + (row % 2) * 1.7
            if random.random() < .34 + .25 * (x > 30):
                d.line([(x, y), (x + random.uniform(1.4, 2.6), y + .05)], .21, .5) if Point(x, y).within(plain) and Point(x + 2.2, y).within(plain) else None
    d.hatch(plain.intersection(Polygon([(39, 1), (52, 1), (52, 12), (44, 15.4), (40, 12)])), 62, 1.15, .19, .35)
    for x, l in ((2, 8), (41, 9)):
        d.line([(x, .5), (x + l / 2, .3), (x + l, .5)], .32, .4)
    d.ticks(wall.intersection(box(.6, .4, 9, 3.4)).buffer(-.3), 8, .2, 1.2)
    return d, dict(id='humpback-bridge', name='Humpback bridge', role='building', foot=[26.5, .3], facing='none', real=(4.2, 3.4, 5.2), tags=['bridge', 'brick', 'canal'])


def cloud():
    d = Drawing(271)
    heaps = [oval(8, 5.4, 6.6, 4.4), oval(16, 9.0, 7.4, 6.4), oval(26, 10.4, 8.2, 7.2), oval(35.6, 7.6, 7.0, 5.4), oval(42, 4.6, 5.2, 3.4), oval(25, 4.6, 20, 3.2)]
    mass = unary_union(heaps).difference(box(-5, -5, 60, 2.2)).buffer(.4).buffer(-.4)
    d.part(mass, .44)
    for pts in ([(10.2, 10.4), (11.2, 7.4), (14.2, 5.8)], [(18.6, 13.4), (20.2, 9.4), (24.4, 7.6)], [(30.4, 11.4), (31.0, 8.2), (34.0, 6.0)], [(38.4, 6.6), (39.4, 5.0), (41.6, 4.4)]):
        d.line(pts, .28, .4, within=mass.buffer(-.5))
    d.hatch(mass.intersection(box(4, 1.8, 44, 4.6)).buffer(-.6), 6, .95, .19, .4)
    return d, dict(id='summer-cloud', name='Summer cloud', role='sky', foot=[24, 1.5], facing='none', real=None, tags=['sky', 'cloud'])


def birds():
    d = Drawing(281)
    for x, y, s, a in ((6, 5, 1.0, 0), (14.5, 9.4, .8, 8), (21, 4.0, .66, -6), (25.6, 8.4, .52, 4)):
        c, n = math.cos(math.radians(a)), math.sin(math.radians(a))
        at = lambda u, v: (x + s * (u * c - v * n), y + s * (u * n + v * c))
        wing = Polygon(curve([at(-5.2, 1.8), at(-3.2, 2.6), at(-1.0, 1.2), at(0, .3), at(1.0, 1.3), at(3.4, 2.9), at(5.4, 2.2)]) + list(reversed(curve([at(-5.2, 1.8), at(-3.0, 1.9), at(-1.2, .3), at(0, -1.0), at(1.2, .4), at(3.2, 2.1), at(5.4, 2.2)])))).buffer(.03)
        d.black(wing)
        d.silhouette = unary_union([d.silhouette, wing])
    return d, dict(id='evening-birds', name='Evening birds', role='sky', foot=[14, 2], facing='none', real=None, solid=True, tags=['sky', 'birds'])


def moon():
    d = Drawing(291)
    disc = oval(9, 9, 8.6, 8.6)
    crescent = disc.difference(oval(12.4, 10.4, 7.6, 7.6))
    d.part(crescent, .46)
    d.hatch(crescent.intersection(box(0, 0, 7, 9)).buffer(-.55), 40, .85)
    d.line([(4.6, 10.6), (5.0, 9.6), (4.6, 8.8)], .24)
    return d, dict(id='thin-moon', name='Thin moon', role='sky', foot=[6, .4], facing='none', real=None, tags=['sky', 'night'])


def water():
    """Ripples that crowd toward the top."""
    d = Drawing(301)
    area = Polygon()
    for k in range(13):
        t = 1 - 1 / (1 + .22 * k)
        y = .6 + 17 * t * 1.35
        for _ in range(2 if k < 9 else 3):
            l = (1 - t) * random.uniform(18, 34) + 3
            x = random.uniform(1, 62 - l)
            stroke = pen(curve([(x, y), (x + l * .25, y + .5 * (1 - t)), (x + l * .55, y - .3 * (1 - t)), (x + l, y + .1)]), max(.19, .42 * (1 - t * .7)), .3)
            if stroke.distance(d.ink) > .25 or d.ink.is_empty:
                d.black(stroke)
                area = unary_union([area, stroke])
    d.silhouette = area.buffer(.05)
    return d, dict(id='still-water', name='Still water', role='water', foot=[31, .5], facing='none', real=None, tags=['water', 'ripples'])


def grass():
    d = Drawing(311)
    random.seed(311)
    blades = [(2 + k * 1.45 + random.uniform(-.4, .4), random.uniform(5, 11) * (1 - abs(k - 7) * .05), (k - 7) * .42 + random.uniform(-1, 1)) for k in range(15)]
    random.shuffle(blades)
    for k, (x, h, lean) in enumerate(blades):
        d.part(limb([(x, 0), (x + lean * .35, h * .55), (x + lean * 1.1, h)], [.62, .45, .12]), .32)
        if k % 5 == 0:
            top = (x + lean * 1.1, h)
            d.part(oval(top[0], top[1] + .9, .95, .95), .3), d.black(Point(top[0], top[1] + .9).buffer(.28))
    d.ink, d.silhouette = d.ink.difference(box(-5, -3, 40, .3)), d.silhouette.difference(box(-5, -3, 40, 0))
    for x, l in ((.6, 6), (7.4, 8), (16.2, 7)):
        d.line([(x, .3), (x + l / 2, .15), (x + l, .3)], .34, .4)
    return d, dict(id='meadow-grass', name='Meadow grass', role='plant', foot=[12, .2], facing='none', real=(.55, .3, .8), tags=['grass', 'foreground'])


def branch():
    """A leafy branch that comes in from the left edge of a card."""
    d = Drawing(321)
    spine = curve([(0, 20), (9, 19), (18, 16.4), (27, 12.6), (36, 7.4)])
    d.part(limb([(0, 20), (9, 19), (18, 16.4), (27, 12.6), (36, 7.4)], [1.15, .95, .75, .5, .2]), .42)
    random.seed(321)
    n = len(spine) - 1
    for k in range(19):
        t = .08 + .9 * k / 18
        x, y = spine[int(t * n)]
        side = 1 if k % 2 else -1
        a = math.radians(-24 - 20 * t + side * random.uniform(42, 66))
        l = 6.6 * (1 - .42 * t) * random.uniform(.85, 1.15)
        tip = (x + l * math.cos(a), y + l * math.sin(a))
        nx, ny = -math.sin(a), math.cos(a)
        w = l * .24
        leaf = Polygon(curve([(x, y), (x + l * .3 * math.cos(a) + w * nx, y + l * .3 * math.sin(a) + w * ny), (x + l * .7 * math.cos(a) + w * .8 * nx, y + l * .7 * math.sin(a) + w * .8 * ny), tip]) +
                       curve([tip, (x + l * .7 * math.cos(a) - w * .8 * nx, y + l * .7 * math.sin(a) - w * .8 * ny), (x + l * .3 * math.cos(a) - w * nx, y + l * .3 * math.sin(a) - w * ny), (x, y)])).buffer(0)
        d.part(leaf, .36)
        d.line([(x + l * .1 * math.cos(a), y + l * .1 * math.sin(a)), (x + l * .86 * math.cos(a), y + l * .86 * math.sin(a))], .22, .5, False)
        if side < 0:
            for q in (.35, .55, .72):
                d.line([(x + l * q * math.cos(a), y + l * q * math.sin(a)), (x + l * (q + .14) * math.cos(a) - w * .5 * nx, y + l * (q + .14) * math.sin(a) - w * .5 * ny)], .18, .5)
    return d, dict(id='leafy-branch', name='Leafy branch', role='plant', contacts=[dict(kind='start', at=[0.2, 20.0])], foot=[0.5, 20], facing='right', real=None, tags=['foliage', 'frame', 'edge'])


def banner():
    d = Drawing(331)
    for side in (-1, 1):
        x = 26 + side * 21
        d.part(Polygon(curve([(x - side * 3.5, 2.0), (x + side * 4.5, 1.2)]) + [(x + side * 1.9, 4.6), (x + side * 4.6, 8.4)] + curve([(x + side * 4.6, 8.4), (x - side * 3.5, 9.0)])).buffer(.1), .44)
        d.hatch(box(min(x - side * 3.2, x), 2.6, max(x - side * 3.2, x), 8.4), 84, .7, .19, .2)
    band = Polygon(curve([(5.5, 4.4), (16, 3.4), (26, 3.1), (36, 3.4), (46.5, 4.4)]) + list(reversed(curve([(5.5, 11.9), (16, 11.0), (26, 10.7), (36, 11.0), (46.5, 11.9)])))).buffer(.1)
    d.part(band, .5)
    for side in (-1, 1):
        x = 26 + side * 19.6
        d.line([(x, 4.9), (x - side * .1, 11.1)], .24, .6, False)
    return d, dict(id='banner', name='Banner', role='prop', foot=[26, 3], facing='none', real=None, tags=['banner', 'words'])


def sentiment(id, text, size):
    d = Drawing(341)
    ink, width = letters(text, size)
    d.black(ink)
    d.silhouette = box(0, 0, width, size * 1.1)
    return d, dict(id=id, name=text[0].upper() + text[1:], role='sentiment', foot=[round(width / 2, 2), 0], facing='none', real=None, tags=['words'])


def surroundings():
    return [sitting_hare(), duck_left(), *[willow(k) for k in ('big', 'middle', 'small')], *[lamp(k) for k in ('big', 'middle', 'small')], fence('near'), fence('far'), bridge(), cloud(), birds(),
            moon(), water(), grass(), branch(), banner(), sentiment('out-of-the-wind', 'out of the wind', 8.2), sentiment('wish-you-were-near', 'wish you were near', 7.6)]
