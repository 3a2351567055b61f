"""The stamps of the canal scenario, drawn for this project. Each function gives (Drawing, facts)."""
import math
import random

from shapely.affinity import scale, translate
from shapely.geometry import LineString, Point, Polygon, box
from shapely.ops import unary_union

from rubber import INNER, TICK, Drawing, blob, curve, letters, limb, oval, pen, scallops, shaky


def hare():
    d = Drawing(7)
    # far ear, tail, far foot
    ear = blob([(8.4, 30.2), (6.6, 33.2), (4.6, 37.2), (3.4, 40.6), (4.0, 41.6), (5.6, 40.6), (8.0, 37.4), (10.0, 33.8), (10.6, 30.6)])
    d.part(ear)
    d.line([(5.2, 39.4), (7.0, 36.2), (8.9, 32.6)], 0.26)
    d.part(scallops([(2.4, 9.0), (3.9, 10.6), (5.4, 9.4), (4.8, 7.4), (3.0, 7.2)], 1.1, .8))
    d.part(blob([(10.2, 3.4), (12.6, 3.1), (15.6, 2.4), (17.4, 1.5), (17.2, .5), (14.6, .25), (11.0, .3), (9.4, 1.4)]))
    d.line([(15.6, .7), (16.1, 1.5)], 0.2), d.line([(14.5, .7), (14.9, 1.5)], 0.2)
    # body with a waistcoat
    body = blob([(8.2, 25.8), (6.4, 22.6), (5.0, 18.6), (4.1, 14.0), (3.9, 9.6), (4.6, 5.6), (6.6, 3.2), (9.8, 3.0), (12.0, 5.4),
                 (12.9, 9.4), (13.2, 13.8), (13.0, 18.2), (12.6, 22.0), (12.0, 25.6)])
    d.part(body)
    vest = body.intersection(Polygon([(2, 25), (13.6, 24.4), (14, 12.2), (11.6, 10.6), (8.2, 11.6), (3.4, 11.2)]))
    d.line([(4.0, 12.0), (6.4, 11.3), (8.9, 11.6), (11.2, 10.5), (13.0, 12.2)], 0.36, within=body)
    d.line([(11.3, 23.4), (11.8, 19.8), (11.9, 15.4), (11.3, 11.0)], 0.3, within=body)
    for y in (20.6, 17.4, 14.2):
        d.black(Point(12.45, y).buffer(.3))
    d.line([(7.2, 15.1), (8.6, 14.7), (10.0, 15.0)], 0.3)
    d.hatch(vest.intersection(box(3, 11, 7.0, 22.6)).buffer(-.55), 62, .82, broken=.25)
    # haunch and near foot
    thigh = blob([(5.0, 8.6), (6.6, 10.6), (9.0, 10.4), (10.9, 8.2), (11.0, 5.2), (9.6, 2.6), (7.0, 1.4), (4.9, 2.6), (4.2, 5.6)])
    foot = blob([(5.0, 2.9), (8.2, 2.7), (11.0, 2.4), (13.6, 2.0), (14.9, 1.2), (14.4, .35), (11.4, .1), (7.4, .1), (4.8, .3), (3.6, 1.2), (3.9, 2.3)])
    leg = unary_union([thigh, foot]).intersection(box(0, 0, 30, 11))
    d.hide(leg.intersection(body.buffer(.3)))
    d.part(unary_union([foot, thigh.intersection(box(0, 0, 30, 4))]))
    d.hide(blob([(5.4, 2.4), (9.6, 2.6), (9.8, 4.4), (4.8, 4.4)]))
    d.line([(5.3, 8.9), (7.2, 10.4), (9.6, 9.8), (10.9, 7.6), (10.9, 5.0), (9.7, 2.7)], 0.42)
    d.line([(4.0, 2.4), (4.4, 4.4), (4.5, 6.4)], 0.44)
    d.line([(12.6, .7), (13.1, 1.5)], 0.2), d.line([(11.4, .7), (11.8, 1.5)], 0.2)
    d.ticks(thigh.intersection(box(4.8, 3.4, 8.4, 9.6)).buffer(-.55), 11, -.3, -1.1)
    # scarf behind the neck, head, scarf
    d.part(blob([(7.6, 24.2), (5.6, 23.4), (3.4, 23.8), (1.2, 22.8), (.5, 20.8), (2.2, 21.4), (3.2, 20.4), (5.2, 21.6), (7.6, 22.4)]), .44)
    d.hatch(blob([(7.2, 23.6), (5.4, 22.9), (3.4, 23.2), (2.0, 22.5), (3.4, 21.4), (5.2, 22.2), (7.2, 22.8)]).buffer(-.2), 75, .75)
    head = blob([(7.6, 27.4), (7.9, 29.8), (9.4, 31.5), (11.6, 31.7), (13.4, 30.6), (15.0, 28.8), (16.4, 27.5), (16.9, 26.6), (16.3, 25.6), (14.8, 24.9),
                 (12.8, 24.3), (10.4, 24.0), (8.4, 25.0)])
    d.part(head)
    d.hide(blob([(8.2, 24.6), (12.0, 24.0), (12.0, 25.0), (8.6, 25.6)]))
    scarf = blob([(7.4, 24.9), (9.2, 24.6), (11.2, 24.5), (13.0, 24.9), (13.4, 23.7), (12.2, 22.8), (9.8, 22.4), (7.6, 22.8), (6.8, 23.8)])
    d.part(scarf, .42)
    d.hatch(scarf.buffer(-.35), 100, .8, .2, .1)
    # face
    eye = oval(12.1, 28.6, .68, .82, -12)
    d.black(eye), d.white(Point(12.36, 28.95).buffer(.24))
    d.line([(11.0, 29.7), (12.0, 30.1), (13.0, 29.6)], .28)
    d.black(oval(16.55, 26.75, .46, .36, -30))
    d.line([(16.2, 26.2), (15.4, 25.9), (14.5, 26.2)], .26)
    for a in (-.2, .5, 1.2):
        d.line([(15.0, 27.0), (13.9, 26.6 - a * .35), (12.7, 26.7 - a * .9)], .17, .5)
    d.ticks(blob([(8.1, 27.2), (8.6, 29.6), (10.0, 30.6), (10.4, 28.4), (10.0, 25.8), (8.6, 25.8)]).buffer(-.2), 14, -.35, -.75)
    # near ear
    near = blob([(9.3, 30.6), (8.9, 34.0), (9.2, 37.6), (10.0, 41.2), (10.9, 42.0), (11.8, 40.8), (12.5, 37.4), (12.7, 33.8), (12.2, 30.7)])
    d.part(near)
    d.hide(blob([(9.6, 30.2), (12.0, 30.2), (11.9, 31.6), (9.8, 31.6)]))
    d.line([(10.8, 40.2), (10.5, 36.6), (10.6, 32.6)], .28), d.line([(11.6, 38.4), (11.6, 35.4), (11.4, 33.0)], .22)
    # far arm just shows, near arm up with the reel
    arm = limb([(9.6, 20.6), (12.8, 17.6), (16.0, 19.0), (19.0, 23.6)], [1.9, 1.75, 1.5, 1.25])
    d.part(arm)
    d.hide(limb([(8.6, 21.2), (10.2, 19.8)], [1.25, 1.1]))
    d.line([(8.0, 21.6), (8.6, 19.6), (9.8, 18.2)], .28)
    d.line([(15.9, 21.6), (17.0, 20.6), (18.1, 20.2)], .34)
    d.hatch(limb([(11.6, 17.4), (13.4, 16.6), (15.2, 17.4)], [.5, .6, .5]), 40, .62)
    d.part(limb([(18.5, 20.6), (20.4, 29.4)], [.42, .42]), .32)
    d.part(limb([(19.75, 26.6), (20.15, 28.5)], [.95, .95]), .34)
    for q in (.0, .55, 1.1, 1.65):
        d.line([(19.0 + q * .2, 26.7 + q), (20.0 + q * .2, 26.5 + q), (20.75 + q * .2, 26.3 + q)], .19, .6)
    d.part(blob([(17.6, 23.6), (17.9, 25.4), (19.2, 26.6), (20.8, 26.4), (21.2, 25.2), (20.4, 23.8), (19.2, 22.8)]))
    d.line([(19.4, 25.8), (19.7, 25.0)], .2), d.line([(20.3, 25.7), (20.4, 24.9)], .2)
    return d, dict(id='hare', name='Hare', role='figure', foot=[9.6, 0.2], facing='right', real=(.85, .7, 1.0),
                   contacts=[dict(kind='hand', at=[20.3, 28.4])])


def poplar(kind):
    height, half, seed, leaf = {'tall': (62, 8.2, 21, 2.5), 'middle': (43, 5.8, 24, 2.1), 'small': (27, 3.7, 33, 1.7)}[kind]
    d = Drawing(seed)
    cx = half + 1.2
    trunk = height * .12
    stem = Polygon(curve([(cx - half * .34, .2), (cx - half * .16, 1.4), (cx - half * .13, trunk + 3), (cx + half * .13, trunk + 3),
                          (cx + half * .17, 1.4), (cx + half * .4, .3), (cx, .5)], True)).buffer(0)
    d.part(max(getattr(stem, 'geoms', [stem]), key=lambda g: g.area))
    d.hatch(box(cx - half * .12, 1, cx, trunk), 86, .5, TICK, .4)
    left, right = [], []
    rows = 9
    for k in range(rows + 1):
        t = k / rows
        w = half * (math.sin(math.pi * (0.1 + .9 * t) ** .78) ** .72) * (1 + .09 * math.sin(k * 2.3 + seed))
        y = trunk + (height - trunk - 1.0) * t
        lean = .05 * half * math.sin(t * 3.1 + seed)
        left.append((cx - w + lean, y)), right.append((cx + w + lean, y))
    right[-1] = left[-1] = (cx + .2, height - .6)
    crown = scallops(left + right[-2::-1], leaf, .85)
    d.part(crown, .5 if kind != 'small' else .42)
    inside = crown.buffer(-.9)
    # flames of leaves climb along the branches, mostly on the shaded left
    count = {'tall': 46, 'middle': 22, 'small': 9}[kind]
    placed = []
    tries = 0
    while len(placed) < count and tries < 4000:
        tries += 1
        t = random.random()
        x, y = random.uniform(cx - half, cx + half), trunk + 2 + (height - trunk - 6) * t
        light = (x - (cx - half)) / (2 * half)
        if random.random() < light * 1.9 - .25 or not Point(x, y).within(inside) or any(math.dist((x, y), q) < leaf * .78 for q in placed):
            continue
        placed.append((x, y))
        s = leaf * random.uniform(.42, .62)
        tilt = (x - cx) / half * .55
        d.line([(x - s * .8 + tilt, y + s * .1), (x - s * .35 + tilt * .6, y - s * .75), (x + s * .4 + tilt * .4, y - s * .8),
                (x + s * .75 + tilt, y + s * .15)], .27 if kind == 'tall' else .24, .5, within=crown)
    for k in range({'tall': 7, 'middle': 4, 'small': 2}[kind]):
        y = trunk + 4 + k * (height - trunk) * (.11 if kind == 'tall' else .17)
        side = -1 if k % 2 else 1
        d.line([(cx, y), (cx + side * half * .12, y + half * .45), (cx + side * half * .3, y + half * 1.15)], .24, .4, within=inside)
    shade = crown.intersection(Polygon([(0, 0), (cx - half * .38, 0), (cx - half * .3, height), (0, height)])).buffer(-.7)
    d.hatch(shade, 66, {'tall': 1.5, 'middle': 1.35, 'small': 1.1}[kind], TICK, .5)
    return d, dict(id=f'poplar-{kind}', name=f'{kind.capitalize()} poplar', role='tree', foot=[round(cx, 2), 0.3], facing='none', real=(11, 8.5, 14))


def post(kind):
    height, w, seed = {'big': (26, 3.0, 41), 'middle': (13, 1.65, 42), 'small': (8.7, 1.2, 43)}[kind]
    d = Drawing(seed)
    cx = w + .5
    shaft = Polygon(curve([(cx - w, .3), (cx - w * .9, height * .5), (cx - w * .82, height * .86), (cx - w * .9, height - w * .9),
                           (cx - w * .45, height - w * .18), (cx + w * .35, height - w * .12), (cx + w * .92, height - w * .85),
                           (cx + w * .84, height * .86), (cx + w * .92, height * .5), (cx + w, .3), (cx, .05)], True)).buffer(0)
    d.part(shaft, {'big': .5, 'middle': .44, 'small': .4}[kind])
    if kind == 'big':
        d.line([(cx - w * .82, height * .87), (cx, height * .845), (cx + w * .86, height * .875)], .32, within=shaft)
        for y in (.60, .645, .69):
            y = height * y
            d.part(limb([(cx - w * .98, y + .15), (cx, y - .35), (cx + w * .98, y + .15)], [.52, .56, .52]), .34)
            for k in range(7):
                x = cx - w * .8 + k * w * .27
                d.line([(x, y - .45), (x + .35, y + .25)], .18, .6)
        d.part(limb([(cx + w * .8, height * .6), (cx + w * 1.1, height * .5), (cx + w * .7, height * .40)], [.5, .5, .4]), .32)
        d.hatch(shaft.intersection(box(0, 1, cx - w * .25, height * .56)).buffer(-.55), 88, .66, .2, .45)
        d.line([(cx + w * .2, 2), (cx + w * .26, 5.4), (cx + w * .16, 8)], .22)
        d.line([(cx + w * .3, 9), (cx + w * .36, 11), (cx + w * .3, 13.4)], .2)
        for k in range(5):
            x = cx - w * 1.1 + k * w * .55
            d.line([(x, .2), (x + random.uniform(-.5, .5), random.uniform(1.2, 2.3))], .24, .5)
    else:
        d.hatch(shaft.intersection(box(0, .6, cx - w * .1, height * .8)).buffer(-.38), 88, .55, .18, .4)
        d.line([(cx - w * .8, height * .84), (cx, height * .81), (cx + w * .84, height * .84)], .26, within=shaft)
    return d, dict(id=f'post-{kind}', name=f'{kind.capitalize()} mooring post', role='prop', foot=[round(cx, 2), .2], facing='none', real=(.6, .52, .68),
                   contacts=[dict(kind='perch', at=[round(cx, 2), round(height, 2)])])


def boat():
    d = Drawing(52)
    hull = Polygon(curve([(.6, 8.4), (1.6, 5.6), (3.4, 2.4), (6.0, .7)]) + [(30, .35), (60, .4), (86, .5), (86, 6.6), (60, 6.2), (40, 6.0), (24, 6.0)]
                   + curve([(24, 6.0), (14, 6.5), (7, 7.6), (1.6, 9.3)])).buffer(0)
    cabin = Polygon(shaky([(20.5, 6.0), (22.4, 13.4), (86, 14.2), (86, 6.2), (20.5, 6.0)], .06, 4)).buffer(0)
    roof = Polygon(shaky([(21.4, 13.1), (21.6, 14.5), (86, 15.3), (86, 13.8), (21.4, 13.1)], .05, 5)).buffer(0)
    # smoke first, then chimney
    chimney = Polygon(shaky([(35.2, 14.4), (35.0, 19.2), (37.6, 19.2), (37.4, 14.4), (35.2, 14.4)], .05)).buffer(0)
    d.part(chimney, .42)
    d.hatch(chimney.buffer(-.3).intersection(box(34, 14, 36.2, 20)), 88, .5)
    d.part(box(34.5, 18.5, 38.1, 19.5).buffer(.15), .36)
    d.part(cabin)
    for x in (27.0, 36.5, 46.0, 55.5, 65.0, 74.5):
        pane = Polygon(shaky([(x, 8.6), (x + .1, 11.9), (x + 5.6, 12.0), (x + 5.5, 8.6), (x, 8.6)], .05)).buffer(0)
        d.part(pane.buffer(.15), .36)
        d.line([(x + 2.8, 8.8), (x + 2.8, 11.8)], .24, .7, False)
        # curtains
        d.line([(x + .5, 11.6), (x + 1.3, 10.6), (x + .6, 9.2)], .2), d.line([(x + 5.1, 11.6), (x + 4.3, 10.6), (x + 5.0, 9.2)], .2)
    d.line([(22.4, 7.4), (50, 7.5), (86, 7.7)], .24, .6, False)
    d.hatch(box(22.6, 12.2, 86, 13.3).intersection(cabin), 60, 1.0, .18, .2)
    d.part(roof, .42)
    # things on the roof
    can = Polygon(shaky([(41.5, 15.1), (41.9, 18.2), (44.6, 18.2), (45.1, 15.2), (41.5, 15.1)], .05)).buffer(0)
    d.part(can, .36), d.line([(41.9, 16.8), (44.9, 16.8)], .22, .7, False)
    d.line([(42.0, 18.2), (43.2, 19.7), (44.5, 18.2)], .3)
    for k in range(5):
        d.part(scallops([(57 + k * 2.4, 15.5), (56.3 + k * 2.4, 17.3), (57.4 + k * 2.4, 18.5), (58.8 + k * 2.4, 17.4), (58.4 + k * 2.4, 15.6)], .9, .8), .3)
    d.part(Polygon(shaky([(55.4, 15.0), (55.6, 16.8), (68.4, 16.9), (68.6, 15.2), (55.4, 15.0)], .05, 3)).buffer(0), .36)
    d.hatch(box(55.9, 15.5, 68, 16.5), 75, .9, .18, .1)
    # hull with its strakes
    d.part(hull)
    d.line([(1.8, 7.9), (8, 6.2), (16, 5.0), (30, 4.6), (58, 4.7), (86, 4.9)], .32, .6)
    d.line([(3.0, 4.6), (8, 3.6), (20, 2.9), (50, 2.9), (86, 3.1)], .24, .5)
    d.hatch(hull.intersection(Polygon([(3, 0), (86, 0), (86, 2.6), (8, 2.6)])).buffer(-.3), 12, .72, .18, .35)
    # cratch cover and a lamp at the bow
    cratch = Polygon(shaky([(11.4, 6.8), (20.8, 13.6), (21.6, 6.0), (11.4, 6.8)], .06, 3)).buffer(0)
    d.part(cratch, .44)
    d.hatch(cratch.intersection(Polygon([(15, 6), (21.6, 13.6), (21.6, 6)])).buffer(-.5), 50, .8)
    d.part(oval(8.8, 9.0, 1.0, 1.2), .36), d.line([(8.8, 7.8), (8.8, 6.9)], .34)
    d.line([(8.2, 9.2), (9.3, 9.4)], .2)
    # water under it
    for x, y, l in ((0.8, .2, 3.6), (9, 0.1, 5)):
        d.line([(x, y), (x + l * .5, y + .12), (x + l, y)], .26)
    return d, dict(id='long-boat', name='Long boat', role='building', foot=[30.0, .4], facing='left', real=(1.9, 1.6, 2.3))


def cottage():
    d = Drawing(61)
    wall = Polygon(shaky([(14.0, .4), (14.2, 12.4), (35.0, 12.4), (35.2, .4), (14.0, .4)], .07, 3)).buffer(0)
    gable = Polygon(shaky([(2.6, .4), (2.8, 12.6), (8.6, 20.8), (14.4, 12.6), (14.2, .4), (2.6, .4)], .07, 3)).buffer(0)
    roof = Polygon(shaky([(8.4, 21.4), (31.4, 21.2), (37.0, 11.4), (13.4, 11.6), (8.4, 21.4)], .08, 3)).buffer(0)
    stack = Polygon(shaky([(26.0, 20.0), (26.0, 26.0), (29.6, 26.0), (29.6, 20.0), (26.0, 20.0)], .05)).buffer(0)
    d.part(stack)
    for y in (21.6, 22.8, 24.0):
        d.line([(26.4, y), (29.3, y)], .2, .7, False)
    d.hatch(box(26.3, 20, 27.6, 25.6), 88, .5)
    d.part(box(25.5, 25.0, 30.1, 26.0).buffer(.1), .36)
    for x in (26.6, 28.3):
        d.part(Polygon([(x, 26.1), (x + .1, 27.8), (x + 1.0, 27.8), (x + 1.1, 26.1)]), .3)
    d.part(wall)
    d.part(gable)
    d.part(roof)
    for k, y in enumerate((13.2, 14.9, 16.6, 18.3, 19.9)):
        x0, x1 = 12.9 - (y - 11.5) * .5, 35.8 - (y - 11.4) * .56
        d.line([(x0 + .6, y), ((x0 + x1) / 2, y - .15), (x1 - .5, y)], .2, .5)
        x = x0 + 1.2 + (k % 2) * .9
        while x < x1 - 1:
            if random.random() < .55 - (x - x0) / (x1 - x0) * .35:
                d.line([(x, y), (x - .3, y - 1.1)], .19, .6)
            x += 1.35
    # barge boards
    d.line([(1.7, 11.7), (5.0, 16.6), (8.5, 21.3)], .5, .7, False), d.line([(8.5, 21.3), (12.0, 16.6), (15.3, 11.9)], .4, .7, False)

    def window(x, y, w, h):
        pane = Polygon(shaky([(x, y), (x, y + h), (x + w, y + h), (x + w, y), (x, y)], .05)).buffer(.1)
        d.part(pane, .36)
        d.line([(x + w / 2, y), (x + w / 2, y + h)], .2, .7, False), d.line([(x, y + h * .55), (x + w, y + h * .55)], .2, .7, False)
        d.line([(x - .5, y - .4), (x + w + .5, y - .4)], .3, .8, False)

    window(6.6, 13.2, 3.6, 3.4), window(17.4, 5.6, 4.2, 4.2), window(29.2, 5.6, 4.0, 4.2)
    door = Polygon(curve([(23.6, .4), (23.6, 7.0), (24.2, 8.6), (25.6, 9.2), (27.0, 8.6), (27.5, 7.0), (27.5, .4)])).buffer(0)
    d.part(door, .44)
    for x in (24.6, 25.6, 26.6):
        d.line([(x, .9), (x, 8.2)], .2, .7, False)
    d.black(Point(26.9, 4.3).buffer(.26))
    window(5.6, 4.8, 5.2, 4.6)
    d.hatch(gable.intersection(box(2, 0, 5.0, 13)).buffer(-.5), 62, 1.0, .2, .4)
    for x, y in ((10.9, 2.3), (12.2, 6.6), (11.8, 10.6), (16.0, 3.0), (22.2, 10.9), (33.6, 3.4), (18.6, 2.4)):
        d.line([(x, y), (x + 1.1, y), (x + 1.1, y + .55)], .18, .7, False)
    # rose at the door, grass at the foot
    rose = scallops([(21.9, .4), (21.4, 4.0), (22.2, 8.0), (23.2, 9.6), (23.4, 6.4), (23.2, .4)], 1.1, .8)
    d.part(rose, .32)
    for x, y in ((22.3, 2.6), (22.5, 5.0), (22.8, 7.4)):
        d.black(Point(x, y).buffer(.3))
    for k in range(15):
        x = 2.2 + k * 2.35
        d.line([(x, .3), (x + random.uniform(-.5, .5), random.uniform(.9, 2.0))], .24, .5)
    d.hide(box(2.2, 0, 35.8, .5))
    d.line([(1.2, .35), (12, .5), (24, .3), (36.8, .4)], .36, .4)
    return d, dict(id='lock-cottage', name='Lock cottage', role='building', foot=[18.6, .3], facing='none', real=(5.4, 4.6, 6.4))


def hills():
    d = Drawing(71)
    w = 180
    far = Polygon([(0, 0)] + curve([(0, 7.2), (14, 9.6), (32, 12.6), (50, 13.6), (66, 11.2), (84, 10.0), (104, 13.4), (122, 16.4), (138, 16.6), (156, 12.8), (172, 9.4), (w, 8.4)]) + [(w, 0)])
    near = Polygon([(0, 0)] + curve([(0, 4.4), (20, 5.2), (44, 7.4), (70, 6.2), (92, 4.4), (112, 6.6), (134, 7.8), (156, 6.0), (w, 4.8)]) + [(w, 0)])

    def ridge(area, width):
        top = [p for p in area.exterior.coords if p[1] > 0.01]
        d.hide(area)
        n = len(top)
        for a, b in ((0, .23), (.24, .52), (.535, .74), (.75, 1)):  # a line with gaps
            d.black(pen(top[int(a * n):max(int(a * n) + 3, int(b * n))], width, .35))

    ridge(far, .44)
    d.hatch(far.intersection(Polygon([(104, 9), (122, 16), (132, 17), (118, 9)])).buffer(-.4), 52, 1.5, .2, .5)
    d.hatch(far.intersection(Polygon([(28, 8), (46, 13.6), (54, 13.6), (40, 8)])).buffer(-.4), 52, 1.5, .2, .5)
    for pts in ([(20, 8.4), (30, 9.6), (42, 9.4), (54, 10.6)], [(96, 9.6), (106, 9.4), (114, 11.0)], [(132, 10.4), (142, 12.4), (150, 12.2)]):
        d.line(pts, .24)
    ridge(near, .48)
    for x, y, s in ((16, 5.2, 1.5), (19.4, 5.3, 1.1), (52, 7.0, 1.6), (55.4, 6.8, 1.2), (58.2, 6.7, 1.5), (108, 6.0, 1.3), (111.4, 6.4, 1.7), (140, 7.3, 1.5), (143.6, 7.0, 1.2), (146.4, 6.8, 1.0)):
        d.part(scallops([(x - s, y), (x - s * .7, y + s), (x, y + s * 1.35), (x + s * .7, y + s), (x + s, y)], .9, .8), .32)
    for x0, x1, y in ((4, 26, 3.0), (36, 62, 4.2), (64, 84, 2.8), (98, 122, 3.6), (128, 150, 4.4), (152, 172, 3.0)):
        d.line([(x0, y), ((x0 + x1) / 2, y + .9), (x1, y + .2)], .26)
        for k in range(int((x1 - x0) / 2.4)):
            if random.random() < .6:
                x = x0 + k * 2.4
                d.line([(x, y + .2), (x + .5, y + .9)], .19)
    return d, dict(id='hills', name='Evening hills', role='landform', foot=[90, 0], facing='none', real=None)


def reeds():
    d = Drawing(84)
    blades = []
    random.seed(84)
    for k in range(15):
        x = 3 + k * 1.75 + random.uniform(-.5, .5)
        h = random.uniform(11, 22.5) * (1 - abs(k - 7) * .035)
        lean = (k - 7) * .38 + random.uniform(-1.6, 1.6)
        blades.append((x, h, lean))
    random.shuffle(blades)
    for k, (x, h, lean) in enumerate(blades):
        if k % 4 == 1:  # a bulrush: stalk and head
            stalk = limb([(x, 0), (x + lean * .3, h * .5), (x + lean * .6, h * .92)], [.3, .27, .25])
            d.part(stalk, .26)
            top = (x + lean * .62, h * .93)
            d.part(limb([(top[0], top[1] - .2), (top[0] + lean * .05, top[1] + 4.0)], [.85, .8]), .38)
            d.hatch(limb([(top[0], top[1] + .2), (top[0] + lean * .05, top[1] + 3.6)], [.5, .45]), 80, .42, .18, .1)
            d.line([(top[0] + lean * .05, top[1] + 4.7), (top[0] + lean * .07, top[1] + 6.4)], .26)
            d.silhouette = unary_union([d.silhouette, limb([(top[0] + lean * .05, top[1] + 4), (top[0] + lean * .07, top[1] + 6.4)], [.25, .2])])
        else:
            tip = (x + lean, h)
            if k % 5 == 0:  # bent blade
                blade = limb([(x, 0), (x + lean * .4, h * .6), (x + lean * 1.2, h * .86), (x + lean * 1.9, h * .72)], [.95, .8, .5, .15])
            else:
                blade = limb([(x, 0), (x + lean * .35, h * .55), tip], [.95, .75, .15])
            d.part(blade, .36)
            d.line([(x + .1, 1.0), (x + lean * .25, h * .4), (x + lean * .5, h * .66)], .19)
    for x, l in ((.4, 6), (8, 5), (17, 7), (25, 5)):
        d.line([(x, random.uniform(.2, .5)), (x + l / 2, .15), (x + l, .45)], .3)
    return d, dict(id='reeds', name='Reeds', role='plant', foot=[15.5, .2], facing='none', real=(1.7, 1.2, 2.3))


def kite():
    d = Drawing(91)
    top, left, right, low = (9.0, 33.4), (1.4, 24.2), (16.2, 25.2), (9.6, 12.6)
    # tail with bows
    tail = curve([(9.6, 12.6), (8.0, 10.6), (6.2, 9.6), (6.0, 7.4), (8.0, 6.0), (8.4, 3.8), (6.6, 2.2), (4.4, 1.6)])
    d.black(pen(tail, .3, .7)), d.hide(Polygon())
    d.silhouette = unary_union([d.silhouette, LineString(tail).buffer(.3)])
    for (x, y), a in (((6.7, 9.9), -12), ((7.4, 6.4), 14), ((7.6, 2.9), -8)):
        c, n = math.cos(math.radians(a)), math.sin(math.radians(a))
        for side in (-1, 1):
            at = lambda u, v: (x + side * u * c - v * n, y + side * u * n + v * c)
            d.part(blob([at(.2, .1), at(1.5, 1.15), at(3.0, 1.25), at(2.7, .1), at(3.1, -1.0), at(1.5, -1.0)]), .34)
            d.line([at(.8, .05), at(1.9, .2)], .2)
        d.black(oval(x, y, .5, .62, a))
    sail = Polygon(curve([top, (5.0, 29.2), left]) + curve([left, (5.0, 18.2), low])[1:] + curve([low, (13.2, 18.8), right])[1:] + curve([right, (13.0, 29.6), top])[1:]).buffer(0)
    d.part(sail, .52)
    d.line([top, (9.25, 23), low], .34, .8), d.line([left, (8.8, 24.9), right], .34, .8)
    d.hatch(Polygon([top, left, (9.2, 24.8)]).buffer(-.75), 48, .85, .2, .15)
    d.hatch(Polygon([(9.2, 24.6), right, low]).buffer(-.8), 48, .85, .2, .15)
    d.part(oval(4.9, 22.0, 1.2, 1.2), .3), d.part(oval(12.6, 28.0, 1.2, 1.2), .3)
    d.black(Point(4.9, 22.0).buffer(.4)), d.black(Point(12.6, 28.0).buffer(.4))
    return d, dict(id='kite', name='Kite', role='sky', foot=[9.3, 22.0], facing='none', real=None)


def string():
    d = Drawing(95)
    line = curve([(.5, .5), (8.5, 3.4), (17.5, 10.4), (25.5, 21.4), (31.5, 34.6)])
    d.black(pen(line, .34, .9, .1))
    d.silhouette = LineString(line).buffer(.32)
    return d, dict(id='kite-string', name='Kite string', role='sky', foot=[.5, .5], facing='none', real=None)


def towpath():
    """Towpath and canal edge, drawn for a horizon 45 mm above its foot and a vanishing point at x 108."""
    d = Drawing(103)
    vx, vy = 108.0, 44.6
    area = Polygon([(0, 0), (176, 0), (176, 36.5), (128, 43.4), (108, 44.4), (88, 43.4), (0, 39.0)])
    d.silhouette = area
    to = lambda x, t: (x + (vx - x) * t, vy * t)
    edge = lambda x, a, b, w, wob=.5: d.line([(to(x, a + (b - a) * k / 7)[0] + random.uniform(-wob, wob) * (1 - a - (b - a) * k / 7), to(x, a + (b - a) * k / 7)[1]) for k in range(8)], w, .5)
    # grass verge of the path, on the left
    for a, b in ((0.0, .3), (.33, .56), (.6, .9)):
        edge(14, a, b, .4)
    for a, b in ((.02, .36), (.4, .68), (.7, .93)):
        edge(104, a, b, .42)
    # coping stones along the water: cross lines crowd with distance
    for k, (a, b) in enumerate(((0.0, .42), (.44, .7), (.72, .95))):
        edge(122, a, b, .46, .25), edge(129, a, b, .3, .2)
    for k in range(1, 13):
        t = 1 - 1 / (1 + .34 * k)
        (x0, y0), (x1, y1) = to(122, t), to(129, t)
        d.line([(x0, y0), (x1, y1)], .3 if k < 5 else .2, .7, False)
    # grass tufts, larger toward the viewer
    for t in (.04, .10, .17, .25, .33, .42, .5, .59, .67, .75, .82):
        for x in (14, 6, 104):
            if random.random() < .8:
                (x0, y0), s = to(x + random.uniform(-4, 4), t), (1 - t)
                for q in (-.6, 0, .7):
                    d.line([(x0 + q * s * 1.2, y0), (x0 + q * s * 2.0, y0 + s * 3.6 + .3)], max(.17, .32 * s), .4)
    # stones and ruts on the path
    for t in (.07, .2, .31, .45, .58):
        for x in (40, 62, 84):
            if random.random() < .75:
                (x0, y0), s = to(x + random.uniform(-7, 7), t + random.uniform(-.03, .03)), (1 - t)
                if random.random() < .5:
                    d.line([(x0 - 2.6 * s, y0), (x0 - .6 * s, y0 + .95 * s), (x0 + 1.5 * s, y0 + .1)], max(.18, .3 * s), .5)
                else:
                    d.line([(x0 - 3 * s, y0), (x0, y0 + .2), (x0 + 3.4 * s, y0)], max(.17, .26 * s), .4)
    # ripples on the water crowd toward the horizon
    for k in range(30):
        t = 1 - 1 / (1 + .16 * k + random.uniform(0, .1))
        y = vy * t
        lo = to(131, t)[0]
        x = random.uniform(lo + 2, 168)
        l = (1 - t) * random.uniform(10, 20) + 1.5
        if x + l < 175:
            d.line([(x, y), (x + l * .3, y + .25 * (1 - t)), (x + l * .7, y - .2 * (1 - t)), (x + l, y)], max(.17, .32 * (1 - t)), .35)
    # far bank and meadow
    d.line([(128, 43.0), (146, 40.6), (176, 36.6)], .36)
    d.line([(0, 38.6), (30, 40.4), (60, 42.0), (88, 43.2)], .3)
    for x, y, l in ((8, 30, 9), (2, 22, 7), (26, 34.5, 8), (44, 38, 7)):
        d.line([(x, y), (x + l / 2, y + .5), (x + l, y)], .24)
    return d, dict(id='towpath', name='Towpath and water', role='landform', foot=[88, 0], facing='none', real=None)


def sentiment():
    d = Drawing(111)
    ink, width = letters('up you go', 9.6, .9)
    d.black(ink)
    d.silhouette = box(0, 0, width, 10.6)
    return d, dict(id='up-you-go', name='Up you go', role='sentiment', foot=[round(width / 2, 2), 0], facing='none', real=None)


def duck():
    d = Drawing(121)
    d.part(blob([(1.0, 6.4), (.5, 8.0), (2.2, 7.6), (4.4, 6.6), (4.6, 4.6), (2.8, 4.8)]), .44)
    body = blob([(2.2, 5.0), (4.6, 7.4), (8.4, 8.0), (11.6, 7.6), (13.4, 8.8), (14.0, 10.4), (14.9, 12.4), (17.2, 13.2), (19.2, 12.3), (19.7, 10.6), (18.9, 9.2), (17.9, 7.8), (17.6, 5.4),
                 (15.8, 2.8), (12.2, 1.4), (7.6, 1.3), (4.2, 2.4)])
    beak = blob([(18.9, 11.4), (20.4, 11.2), (22.2, 10.4), (22.3, 9.8), (20.6, 9.6), (19.0, 9.8)])
    d.part(beak, .38), d.line([(19.4, 10.5), (20.8, 10.5), (22.0, 10.1)], .2)
    d.part(body)
    d.black(Point(17.6, 11.3).buffer(.42)), d.white(Point(17.75, 11.45).buffer(.15))
    d.line([(14.2, 9.8), (15.6, 9.2), (17.2, 8.9), (18.5, 9.0)], .3), d.line([(14.1, 9.1), (15.6, 8.4), (17.0, 8.1), (18.2, 8.3)], .24)
    wing = blob([(3.8, 5.0), (6.4, 6.7), (10.0, 6.6), (12.8, 5.2), (12.4, 3.6), (9.4, 2.7), (6.0, 3.2)])
    d.part(wing, .36)
    for y, x in ((5.6, 6.2), (4.8, 5.4), (4.0, 6.0)):
        d.line([(x, y), (x + 2.2, y + .3), (x + 4.6, y - .1)], .24)
    d.hatch(body.intersection(box(5, 1, 16, 2.9)).buffer(-.35), 20, .62)
    for x, l in ((1.6, 6), (9, 6), (16, 5)):
        d.line([(x, 1.0), (x + l * .5, .7), (x + l, 1.0)], .3)
    d.silhouette = unary_union([d.silhouette, limb([(1.6, 1.0), (11, .9), (21, 1.0)], [.35, .5, .35]), body])
    return d, dict(id='duck', name='Duck', role='animal', foot=[11.0, .9], facing='right', real=(.34, .28, .42))


def solid(source, new_id, name, lights=()):
    base, facts = source
    d = Drawing(5)
    d.ink = unary_union([base.silhouette.buffer(-.02)])
    for cut in lights:
        d.white(cut)
    d.silhouette = base.silhouette
    return d, dict(facts, id=new_id, name=name, solid=True)


def heron():
    d = Drawing(131)
    legs = unary_union([limb([(8.6, 9.8), (8.3, 5.2), (8.8, .3)], [.42, .3, .3]), limb([(10.2, 9.8), (10.6, 5.0), (10.2, .3)], [.42, .3, .3]),
                        limb([(8.8, .3), (10.6, .25)], [.28, .2]), limb([(10.2, .3), (12.1, .25)], [.28, .2])])
    body = blob([(1.2, 10.4), (3.8, 13.2), (7.0, 15.8), (10.2, 17.2), (12.4, 16.4), (12.9, 14.0), (11.8, 11.2), (9.0, 9.4), (5.4, 9.6)])
    neck = limb([(11.6, 14.6), (13.8, 17.0), (12.4, 20.4), (11.4, 23.6), (12.8, 26.6)], [1.5, 1.05, .8, .75, 1.0])
    head = unary_union([blob([(11.8, 26.0), (12.2, 27.8), (13.8, 28.4), (15.4, 27.6), (15.2, 26.2), (13.4, 25.6)]), Polygon([(14.8, 27.7), (21.4, 25.9), (14.8, 26.2)]).buffer(.1),
                        limb([(12.6, 28.0), (10.6, 28.0), (8.4, 26.8)], [.4, .3, .15])])
    d.silhouette = unary_union([legs, body, neck, head]).buffer(.05)
    d.ink = d.silhouette
    d.white(Point(13.9, 27.3).buffer(.24))
    for pts in ([(3.4, 11.8), (6.2, 12.4), (9.6, 12.0)], [(4.6, 13.2), (7.4, 13.8), (10.4, 13.4)]):
        d.white(pen(curve(pts), .3))
    return d, dict(id='heron', name='Heron', role='animal', foot=[9.7, .2], facing='right', real=(.95, .85, 1.05), solid=True)


def sun():
    d = Drawing(141)
    disc = oval(13, 13, 12.8, 12.8)
    d.ink = d.silhouette = disc
    for y, w in ((8.4, 20), (5.6, 15), (3.2, 9)):
        d.white(pen(curve([(13 - w / 2, y), (13, y + .35), (13 + w / 2, y)]), .5, .3))
    return d, dict(id='low-sun', name='Low sun', role='sky', foot=[13, 0.2], facing='none', real=None, solid=True)


def everything():
    tall = poplar('tall')
    hare_ = hare()
    return [hare_, tall, poplar('middle'), poplar('small'), post('big'), post('middle'), post('small'), boat(), cottage(), hills(), reeds(), kite(), string(), towpath(),
            sentiment(), duck(), solid(tall, 'poplar-solid', 'Solid poplar'), solid(hare_, 'hare-solid', 'Solid hare', [Point(12.1, 28.6).buffer(.5)]), heron(), sun()]
