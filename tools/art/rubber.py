"""How a line looks when it is cut in rubber: a pen with swelling width and a slow wobble, parts that hide what is
behind them, texture on the shaded side. Millimetres, y up. Needs shapely."""
import math
import random

from shapely.geometry import LineString, MultiPoint, Point, Polygon
from shapely.ops import unary_union

CONTOUR, INNER, TICK = 0.5, 0.3, 0.19  # mm, line weights at printed size
LEAST = 0.15  # mm, the thinnest line or gap a mould can hold


def curve(points, closed=False, step=0.35):
    """Catmull-Rom through the points, resampled evenly."""
    p = list(points)
    p = [p[-1]] + p + [p[0], p[1]] if closed else [p[0]] + p + [p[-1]]
    out = []
    for i in range(1, len(p) - 2):
        a, b, c, d = p[i - 1:i + 3]
        n = max(3, int(math.dist(b, c) / step))
        for k in range(n):
            t = k / n
            f = lambda a, b, c, d: 0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t
                                          + (3 * b - a - 3 * c + d) * t ** 3)
            out.append((f(a[0], b[0], c[0], d[0]), f(a[1], b[1], c[1], d[1])))
    out.append(p[-2])
    return out


def blob(points):
    return Polygon(curve(points, True)).buffer(0)


def oval(x, y, rx, ry, turn=0.0):
    c, s = math.cos(math.radians(turn)), math.sin(math.radians(turn))
    pts = []
    for k in range(60):
        a = 2 * math.pi * k / 60
        u, v = rx * math.cos(a), ry * math.sin(a)
        pts.append((x + c * u - s * v, y + s * u + c * v))
    return Polygon(pts)


def limb(points, radii):
    """A rounded tube along the points, its half width going through the radii."""
    line = curve(points)
    total = len(line) - 1
    discs = []
    for i, (x, y) in enumerate(line):
        at = i / total * (len(radii) - 1)
        k = min(int(at), len(radii) - 2)
        discs.append(Point(x, y).buffer(radii[k] + (at - k) * (radii[k + 1] - radii[k]), 10))
    return unary_union([MultiPoint(list(a.exterior.coords) + list(b.exterior.coords)).convex_hull
                        for a, b in zip(discs, discs[1:])])


def pen(line, width, taper=0.35, wobble=0.12, closed=False):
    """A stroke as an area: swells in the middle, thins at the ends, wobbles slowly."""
    if len(line) < 2:
        return Point(line[0]).buffer(width / 2)
    phase = random.random() * 9
    n = len(line) - 1
    discs = []
    for i, (x, y) in enumerate(line):
        t = i / n
        body = 1.0 if closed else taper + (1 - taper) * math.sin(math.pi * min(max(t, 0.02), 0.98)) ** 0.55
        w = width * body * (1 + wobble * math.sin(i * 0.21 + phase) + 0.6 * wobble * math.sin(i * 0.53 + 2 * phase))
        discs.append(Point(x, y).buffer(max(w, LEAST) / 2, 5))
    return unary_union([MultiPoint(list(a.exterior.coords) + list(b.exterior.coords)).convex_hull
                        for a, b in zip(discs, discs[1:])])


def shaky(points, amount=0.1, step=1.2):
    """Straight sides as a steady hand draws them: nearly straight."""
    out = []
    for (ax, ay), (bx, by) in zip(points, points[1:]):
        n = max(1, int(math.dist((ax, ay), (bx, by)) / step))
        for k in range(n):
            j = amount if 0 < k else 0
            out.append((ax + (bx - ax) * k / n + random.uniform(-j, j), ay + (by - ay) * k / n + random.uniform(-j, j)))
    out.append(points[-1])
    return out


class Drawing:
    """Parts laid from back to front; each hides the lines behind it."""

    def __init__(self, seed):
        random.seed(seed)
        self.ink = Polygon()
        self.silhouette = Polygon()

    def part(self, area, width=CONTOUR, wobble=0.16):
        """A part with its contour; the line lies inside the part's edge."""
        self.ink = self.ink.difference(area)
        self.silhouette = unary_union([self.silhouette, area])
        strokes = []
        for poly in getattr(area, 'geoms', [area]):
            for ring in [poly.exterior, *poly.interiors]:
                length = ring.length
                n = max(8, int(length / 0.4))
                inner = poly.buffer(-width * 0.5)
                shape = max(getattr(inner, 'geoms', [inner]), key=lambda g: g.area) if not inner.is_empty else poly
                ring = ring if shape is poly else (shape.exterior if ring is poly.exterior else ring)
                line = [ring.interpolate(k / n, normalized=True).coords[0] for k in range(n + 1)]
                strokes.append(pen(line, width, wobble=wobble, closed=True))
        self.ink = unary_union([self.ink, *strokes])
        return area

    def hide(self, area):
        """Covers what is behind without a contour of its own."""
        self.ink = self.ink.difference(area)
        self.silhouette = unary_union([self.silhouette, area])

    def line(self, points, width=INNER, taper=0.35, smooth=True, within=None):
        stroke = pen(curve(points) if smooth else shaky(points), width, taper)
        if within is not None:
            stroke = stroke.intersection(within)
        self.ink = unary_union([self.ink, stroke])

    def black(self, area):
        self.ink = unary_union([self.ink, area])

    def white(self, area):
        self.ink = self.ink.difference(area)

    def hatch(self, area, angle, gap, width=TICK, broken=0.3):
        """Lines at one angle with broken ends."""
        if area.is_empty:
            return
        x0, y0, x1, y1 = area.bounds
        a = math.radians(angle)
        c, s = math.cos(a), math.sin(a)
        reach = math.hypot(x1 - x0, y1 - y0)
        cx, cy = (x0 + x1) / 2, (y0 + y1) / 2
        strokes = []
        k = -reach / 2
        while k < reach / 2:
            cut = LineString([(cx - c * reach - s * k, cy - s * reach + c * k),
                              (cx + c * reach - s * k, cy + s * reach + c * k)]).intersection(area)
            for g in getattr(cut, 'geoms', [cut]):
                if g.geom_type == 'LineString' and g.length > 0.5:
                    t0, t1 = random.uniform(0, broken), 1 - random.uniform(0, broken)
                    pts = [g.interpolate(t0 + (t1 - t0) * q / 5, normalized=True).coords[0] for q in range(6)]
                    strokes.append(pen([(x + random.uniform(-.04, .04), y + random.uniform(-.04, .04)) for x, y in pts],
                                       width, taper=0.4))
            k += gap * random.uniform(.8, 1.25)
        self.ink = unary_union([self.ink, *strokes])

    def ticks(self, area, count, dx, dy, width=TICK):
        """Short marks along the growth."""
        if area.is_empty:
            return
        x0, y0, x1, y1 = area.bounds
        strokes = []
        while count > 0:
            x, y = random.uniform(x0, x1), random.uniform(y0, y1)
            f = random.uniform(.7, 1.3)
            mark = LineString([(x, y), (x + dx * f, y + dy * f)])
            count -= 1
            if mark.within(area):
                strokes.append(pen(curve([(x, y), (x + dx * f * .45 - dy * .12, y + dy * f * .5), (x + dx * f, y + dy * f)]),
                                   width, taper=.4))
        self.ink = unary_union([self.ink, *strokes])


def scallops(points, size, bulge=0.55, jitter=0.3):
    """A closed leafy edge: arcs along the closed line through the points."""
    line = curve(points, True)
    if not Polygon(line).exterior.is_ccw:
        line.reverse()
    ring = LineString(line + [line[0]])
    n = max(6, int(ring.length / size))
    stops = sorted((k + random.uniform(-jitter, jitter)) / n for k in range(n))
    out = []
    for a, b in zip(stops, stops[1:] + [stops[0] + 1]):
        p = ring.interpolate(a % 1, normalized=True)
        q = ring.interpolate(b % 1, normalized=True)
        dx, dy = q.x - p.x, q.y - p.y
        h = bulge * random.uniform(.6, 1.3)
        for k in range(6):
            t = k / 6
            up = h * math.sin(math.pi * t)
            out.append((p.x + dx * t + dy * up * .5, p.y + dy * t - dx * up * .5))
    return Polygon(out).buffer(0)


def letters(text, size, wave=.8):
    """Outlines of the bundled hand's letters on a slightly uneven baseline."""
    from fontTools.pens.recordingPen import DecomposingRecordingPen
    from fontTools.ttLib import TTFont
    import glob
    font = TTFont(glob.glob('/usr/share/fonts/**/*oudy*ookletter*.otf', recursive=True)[0])
    glyphs, cmap, unit = font.getGlyphSet(), font.getBestCmap(), font['head'].unitsPerEm
    x, ink = 1.0, Polygon()
    for ch in text:
        name = cmap[ord(ch)]
        rec = DecomposingRecordingPen(glyphs)
        glyphs[name].draw(rec)
        base = size * .34 + .14 * math.sin(x * wave)
        pts = []
        for op, args in rec.value:
            if op == 'moveTo':
                pts = [args[0]]
            elif op == 'lineTo':
                pts.append(args[0])
            elif op == 'curveTo':
                (x0, y0), (x1, y1), (x2, y2), (x3, y3) = pts[-1], *args
                for k in range(1, 9):
                    t = k / 8
                    u = 1 - t
                    pts.append((u**3 * x0 + 3 * u * u * t * x1 + 3 * u * t * t * x2 + t**3 * x3, u**3 * y0 + 3 * u * u * t * y1 + 3 * u * t * t * y2 + t**3 * y3))
            elif op in ('closePath', 'endPath') and len(pts) > 2:
                ink = ink.symmetric_difference(Polygon([(x + px * size / unit, base + py * size / unit) for px, py in pts]).buffer(0))
        x += glyphs[name].width * size / unit * 1.03
    return ink.buffer(.04), x + 1.0


def path_data(shape, top):
    d = []
    for poly in getattr(shape, 'geoms', [shape]):
        if poly.geom_type != 'Polygon' or poly.is_empty:
            continue
        for ring in [poly.exterior, *poly.interiors]:
            pts = list(ring.coords)[:-1]
            d.append('M' + 'L'.join(f'{x:.2f},{top - y:.2f}' for x, y in pts) + 'Z')
    return ''.join(d)


def clean(ink):
    """Nothing a mould could not hold: specks and hair gaps go."""
    ink = ink.buffer(0.03).buffer(-0.03).simplify(0.012)
    keep = [g for g in getattr(ink, 'geoms', [ink]) if g.area > 0.03]
    return unary_union(keep)


def rings(shape, tolerance=0.04):
    out = []
    shape = shape.buffer(0.12).buffer(-0.12).simplify(tolerance)
    for poly in getattr(shape, 'geoms', [shape]):
        if poly.area < 0.3:
            continue
        for ring in [poly.exterior, *[r for r in poly.interiors if Polygon(r).area > 0.4]]:
            out.append([[round(x, 2), round(y, 2)] for x, y in list(ring.coords)[:-1]])
    return out
