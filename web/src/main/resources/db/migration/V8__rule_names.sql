-- Rules are known by explicit ids now; some were renamed to say what they find.
update accepted_finding
set rule = renamed.now
from (values ('tower-is-a-trap', 'too-tall-for-its-base'),
             ('way-held', 'single-exit'),
             ('wrong-world', 'wrong-habitat'),
             ('sexes-at-odds', 'sex-ratio'),
             ('plants-at-odds', 'plant-conditions'),
             ('spot-reckoned', 'basking-spot-estimated')) as renamed (before, now)
where accepted_finding.rule = renamed.before;
