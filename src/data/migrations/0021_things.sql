-- What a thing that stays is, as it was said; of before, its name tells.
alter table stay add column thing text check (thing in ('floor', 'ceiling', 'worktop', 'tile', 'cabinets', 'built-in', 'trim', 'door',
  'hearth', 'suite', 'sofa', 'rug', 'curtains', 'art', 'other'));
