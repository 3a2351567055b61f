"""What the sample drawer holds besides its stamps. All names are invented."""

SET = 'Long Pound'

PAPERS = [
    dict(key='sample-chalk', name='Chalk smooth', colour='#fdfcf7', thickness=.3, width=210, height=297, notes='takes every ink'),
    dict(key='sample-oat', name='Oat laid', colour='#efe5d0', thickness=.32, width=215.9, height=279.4, notes='fine ribs; press a little longer'),
    dict(key='sample-fog', name='Fog', colour='#d9dedf', thickness=.28, width=210, height=297, notes='pale inks need a second look'),
    dict(key='sample-slate', name='Slate night', colour='#3a444c', thickness=.35, width=210, height=297, notes='opaque inks only'),
    dict(key='sample-chalk-offcut', name='Chalk smooth', colour='#fdfcf7', thickness=.3, width=75, height=90, sheets=2, offcut=True, notes=''),
    dict(key='sample-slate-offcut', name='Slate night', colour='#3a444c', thickness=.35, width=192, height=136, sheets=1, offcut=True, notes=''),
    dict(key='sample-oat-offcut', name='Oat laid', colour='#efe5d0', thickness=.32, width=190, height=140, sheets=1, offcut=True, notes=''),
]

GOODS = [
    dict(key='sample-envelopes', name='A9 envelope', kind='envelope', width=146.05, height=222.25, count=12, left='enough', notes=''),
    dict(key='sample-foam', name='Foam dots', kind='foam', thickness=1.5, count=120, left='enough', notes=''),
    dict(key='sample-glue', name='Slow glue', kind='adhesive', left='enough', notes='leaves time to push'),
    dict(key='sample-willow', name='Willow', kind='ink', ink='willow', left='low', notes=''),
]

MASKS = [
    dict(key='sample-mask-hare', stamp='sample-hare', usesLeft=4, place='with the stamp', notes=''),
    dict(key='sample-mask-duck', stamp='sample-duck', usesLeft=6, place='with the stamp', notes=''),
]

# Where it is at home, if that is not as its role says.
HOME = {'long-boat': 'water', 'humpback-bridge': 'water', 'duck': 'water', 'duck-asleep': 'water'}
