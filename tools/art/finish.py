#!/usr/bin/python3
"""Writes the towpath as a finished card: two mats, the words on a strip, the hare cut out on foam, an inside and an
envelope. All names are invented. Run from the project's root: /usr/bin/python3 tools/art/finish.py"""
import json

from colours import text_of
from papers import paper

INSIDE = dict(width=165.0, height=115.0)
ENVELOPE = dict(width=222.25, height=146.05)  # 8 3/4 x 5 3/4 in


def main():
    with open('data/demo/canal-towpath.havlo', encoding='utf-8') as f:
        plan = json.load(f)
    plan['title'] = 'Kite over the long pound, finished'
    plan['notes'] = 'The towpath on two mats, its words on a strip, the hare on foam, with an inside and an envelope.'
    card = plan['card']
    card['paper'] = dict(name='Chalk smooth', colour='#fdfcf7', thickness=.3)
    card['mats'] = [dict(reveal=1.6, colour='#3a444c'), dict(reveal=2.4, colour='#efe5d0')]
    grow = 2 * (1.6 + 2.4 + 1.6)
    card['base'] = dict(width=177.8 + grow, height=127.0 + grow, fold='top')
    stamps = {s['id']: s for s in plan['stamps']}
    things = {i['id']: i for i in plan['impressions']}

    def placed(thing):
        stamp = stamps[thing['stamp']]
        (fx, fy), (x, y) = stamp['foot'], thing['at']
        return [[(round(p[0] - fx + x, 3), round(p[1] - fy + y, 3)) for p in ring] for ring in stamp['silhouette']]

    def area(ring):
        return abs(sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(ring, ring[1:] + ring[:1]))) / 2

    words, hare = things['greeting'], things['hare']
    box = [p for ring in placed(words) for p in ring]
    left, right = min(p[0] for p in box) - 5, max(p[0] for p in box) + 5
    low, high = min(p[1] for p in box) - 4, max(p[1] for p in box) + 4
    words['piece'] = 'strip'
    words['technique'] = 'popUp'
    hare['piece'] = 'hare-out'
    hare['technique'] = 'popUp'
    plan['pieces'] = [
        dict(id='strip', name='words', kind='strip', outline=dict(width=round(right - left, 1), height=round(high - low, 1)),
             cut='trimmer', paper=paper('#fdfcf7', name='Chalk smooth'), at=[round(left, 1), round(low, 1)], turn=0, flush=True, **{'raise': 0}),
        dict(id='hare-out', name='hare', kind='cutout', outline=[max(placed(hare), key=area)], cut='hand',
             paper=paper('#fdfcf7', name='Chalk smooth'), at=[0, 0], turn=0, flush=False, **{'raise': 1.5}),
        dict(id='inside', name='', kind='inside', outline=INSIDE, cut='trimmer', paper=paper('#d9dedf', .28, name='Fog'),
             at=[0, 0], turn=0, flush=True, **{'raise': 0},
             scene=dict(washes=[dict(id='glow', name='low glow', ink='apricot', area=[[[0, 0], [165, 0], [165, 30], [0, 30]]],
                                     reach=1, strength=.35, softness=12, depth='far', **{'from': 'bottom'})])),
        dict(id='envelope', name='A9 envelope', kind='envelope', outline=ENVELOPE, cut='trimmer', paper=paper('#f3ecdc', .12),
             at=[0, 0], turn=0, flush=True, **{'raise': 0})]
    plan['impressions'] += [
        dict(id='in-duck', stamp='duck', ink='soot', at=[138, 12], generation=2, depth=dict(metres=2), piece='inside', technique='overprint'),
        dict(id='in-reeds', stamp='reeds', ink='willow', at=[22, 2], generation=2, depth=dict(metres=3), piece='inside', technique='overprint'),
        dict(id='corner', stamp='kite', ink='ember', at=[7, 4], turn=-20, generation=2, depth=dict(metres=1), piece='envelope')]
    plan.setdefault('lines', []).append(
        dict(id='wish', kind='lettering', along=[[44, 62], [121, 62]], ink='soot', width=.5, piece='inside', text='many happy returns', height=6))
    with open('data/demo/towpath-finished.havlo', 'w', encoding='utf-8') as f:
        f.write(text_of(plan))


if __name__ == '__main__':
    main()
