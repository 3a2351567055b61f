"""Ten small plans to practise on, easy ones first. Each has one thing to learn."""
from plans import card, plan, put, rect

CARD = dict(width=139.7, height=107.95)
VIEW = dict(horizon=46.0, eyeHeight=.6, vanishX=70, nearDistance=1.2)


def at(metres):
    return dict(depth=dict(metres=metres))


def drill(s, title, impressions, washes=(), tape=0, **more):
    return plan(title, 'A card to practise on.', s, card(CARD['width'], CARD['height'], 'top', tape), VIEW, impressions, washes, **more)


def sky(over, ink='dusk', name='the sky', bottom=46.0, strength=.5, id='sky'):
    return dict(id=id, name=name, ink=ink, area=rect(0, bottom, CARD['width'], CARD['height']), **{'from': 'top'}, reach=1.0, strength=strength, overImpressions=over)


def all_practice(s):
    over = dict(technique='overprint')
    hare = put('hare', 'hare', 'soot', 62.0, 16.0, hero=True, **at(2))
    tall = put('poplar', 'poplar-tall', 'willow', 73.0, 26.0, **at(20))
    lock = [
        put('hare', 'hare', 'soot', 48.0, 10.0, hero=True, **at(2)),
        put('post', 'post-big', 'loam', 74.0, 12.0, **at(2.4)),
        put('duck', 'duck', 'soot', 76.0, 37.0, depth=dict(on='post', behind=False)),
        put('poplar', 'poplar-middle', 'willow', 58.0, 30.0, **at(14)),
        put('cottage', 'lock-cottage', 'slate', 88.0, 36.0, **at(40)),
        put('sun', 'low-sun', 'apricot', 106.0, 60.0, **at(100000)),
    ]
    return {
        'practice-01': drill(s, 'Hare before poplar', [hare, tall]),
        'practice-02': drill(s, 'Three in a line', [hare, tall, put('cottage', 'lock-cottage', 'slate', 92.0, 32.0, **at(40))]),
        'practice-03': drill(s, 'Side by side', [put('hare', 'hare', 'soot', 30.0, 16.0, hero=True, **at(2)), put('poplar', 'poplar-middle', 'willow', 74.0, 26.0, **at(20)),
                                                 put('duck1', 'duck', 'soot', 100.0, 12.0, **at(3)), put('duck2', 'duck', 'soot', 112.0, 19.0, **at(5))]),
        'practice-04': drill(s, 'Black on pale', [put('sun', 'low-sun', 'apricot', 70.0, 40.0, **at(100000)), put('heron', 'heron', 'night', 66.0, 22.0, hero=True, **at(3), **over),
                                                  put('poplar', 'poplar-solid', 'night', 92.0, 24.0, **at(9), **over)]),
        'practice-05': drill(s, 'A sky behind', [hare, tall], [sky([])]),
        'practice-06': drill(s, 'The crowd', [put('duck1', 'duck', 'soot', 50.0, 14.0, hero=True, **at(2)), put('duck2', 'duck', 'soot', 62.0, 18.0, **at(2.6)),
                                              put('duck3', 'duck', 'soot', 54.0, 23.0, **at(3.4)), put('duck4', 'duck', 'soot', 68.0, 27.0, **at(4.4))]),
        'practice-07': drill(s, 'Duck on a post', [put('post', 'post-big', 'loam', 60.0, 14.0, **at(2)), put('duck', 'duck', 'soot', 62.0, 38.5, hero=True, depth=dict(on='post', behind=False)),
                                                   put('reeds', 'reeds', 'willow', 58.0, 22.0, **at(5)), put('boat', 'long-boat', 'slate', 84.0, 30.0, **at(20))]),
        'practice-08': drill(s, 'Two skies', [put('hare', 'hare', 'soot', 62.0, 16.0, hero=True, **at(2)), put('poplar', 'poplar-middle', 'willow', 76.0, 30.0, **at(20))],
                             [sky(['poplar'], 'apricot', 'the glow', 30.0, .6, 'glow'), sky([], 'dusk', 'the evening', 60.0, .5, 'evening')]),
        'practice-09': drill(s, 'Both ways', [put('hare', 'hare', 'soot', 50.0, 14.0, hero=True, **at(2)), put('poplar', 'poplar-middle', 'willow', 60.0, 26.0, **at(18)),
                                              put('sun', 'low-sun', 'apricot', 92.0, 52.0, **at(100000)), put('heron', 'heron', 'night', 92.0, 36.0, **at(6), **over)]),
        'practice-10': drill(s, 'The lock', lock, [sky(['poplar', 'cottage', 'sun'])]),
    }
