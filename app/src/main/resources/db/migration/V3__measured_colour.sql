-- Colours as they were measured, paint as its data sheet has it, and readings of walls.

alter table colour
  add column maker varchar(80) not null default '',
  add column formula varchar(500) not null default '',
  add column start_nm int check (start_nm in (360, 370, 380, 390, 400)),
  add column factors double precision[] check (array_length(factors, 1) between 31 and 48),
  add constraint colour_spectrum_whole check ((start_nm is null) = (factors is null)),
  add constraint colour_factors check (0 <= all (factors) and 1.5 >= all (factors));
-- two entries that are one colour: the one points at the other, so that nothing recorded with it is lost
alter table colour
  add column merged_into uuid,
  add constraint colour_not_itself check (merged_into <> id),
  add foreign key (organisation_id, merged_into) references colour (organisation_id, id);
alter table colour alter column maker drop default, alter column formula drop default;

alter table product
  add column spread_m2_l double precision check (spread_m2_l between 1 and 30),
  add column solids_pct double precision check (solids_pct between 5 and 100),
  add column contrast_ratio double precision check (contrast_ratio > 0 and contrast_ratio < 1),
  add column discontinued boolean not null default false,
  add column substitute_id uuid,
  add constraint product_not_itself check (substitute_id <> id),
  add foreign key (organisation_id, substitute_id) references product (organisation_id, id);
alter table product alter column discontinued drop default;

-- a colour reading of a surface: several measurements, still open or done
create table reading (
  id uuid primary key,
  organisation_id uuid not null,
  surface_id uuid not null,
  begun_by uuid not null,
  begun_at timestamptz not null,
  done_at timestamptz,
  washed boolean not null,
  instrument varchar(120) not null,
  drift_pct double precision check (drift_pct between -100 and 100),
  version int not null,
  unique (organisation_id, id),
  foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  foreign key (organisation_id, begun_by) references person (organisation_id, id)
);
create unique index reading_one_open on reading (surface_id) where done_at is null;
create index reading_surface on reading (surface_id);

-- a result of the bench, kept with the link that computes it again
create table kept_result (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  link varchar(500) not null check (link like '/bench?%'),
  words varchar(250) not null check (length(trim(words)) > 0),
  tin_id uuid,
  kept_by uuid not null,
  kept_at timestamptz not null,
  foreign key (organisation_id, tin_id) references tin (organisation_id, id),
  foreign key (organisation_id, kept_by) references person (organisation_id, id)
);

create table reading_shot (
  id uuid primary key,
  organisation_id uuid not null,
  reading_id uuid not null,
  position int not null,
  start_nm int not null check (start_nm in (360, 370, 380, 390, 400)),
  factors double precision[] not null
    check (array_length(factors, 1) between 31 and 48 and 0 <= all (factors) and 1.5 >= all (factors)),
  unique (reading_id, position),
  foreign key (organisation_id, reading_id) references reading (organisation_id, id)
);
