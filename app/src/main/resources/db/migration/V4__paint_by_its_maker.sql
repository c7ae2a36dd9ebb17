-- Paint as its maker names it and lets it dry, what a reading rests on, and what a kept result is for.

alter table product
  add column line varchar(80) not null default '',
  add column kind varchar(10) not null default 'WALL' check (kind in ('WALL', 'CEILING', 'TRIM', 'PRIMER')),
  add column base varchar(10) not null default 'WHITE' check (base in ('WHITE', 'MEDIUM', 'DEEP', 'CLEAR')),
  add column recoat_h double precision check (recoat_h between 0.25 and 120);
alter table product alter column line drop default, alter column kind drop default, alter column base drop default;

-- a colour whose Lab is known (daylight, 10°) and whose reflectance is not
alter table colour
  add column lab_l double precision check (lab_l between 0 and 100),
  add column lab_a double precision check (lab_a between -128 and 128),
  add column lab_b double precision check (lab_b between -128 and 128),
  add constraint colour_lab_whole check (num_nonnulls(lab_l, lab_a, lab_b) in (0, 3));

-- how long the maker has one wait before the next step, in the reference air
alter table sheet_step add column dry_sheet_h double precision check (dry_sheet_h between 0.25 and 120);

alter table reading
  add column source varchar(10) not null default 'READER' check (source in ('READER', 'TYPED', 'FILE', 'PHOTO'));
alter table reading alter column source drop default;

alter table kept_result
  add column surface_id uuid,
  add column sheet_id uuid,
  add constraint kept_for_one check (num_nonnulls(tin_id, surface_id, sheet_id) <= 1),
  add foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  add foreign key (organisation_id, sheet_id) references sheet (organisation_id, id);
create index kept_result_surface on kept_result (surface_id) where surface_id is not null;
