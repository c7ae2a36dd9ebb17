-- What was predicted for a wall when it was decided on and when its sheet was closed, all that it rested on, and what was seen
-- of it afterwards: that is what chances are learnt from. JSON is kept as text, as it was written.
create table prediction (
  id uuid primary key,
  organisation_id uuid not null,
  surface_id uuid not null,
  turnover_id uuid not null,
  sheet_id uuid not null,
  moment varchar(8) not null check (moment in ('DECIDED', 'CLOSED')),
  made_by uuid not null,
  made_at timestamptz not null,
  model_version varchar(20) not null,
  action varchar(15) not null
    check (action in ('LEAVE', 'WASH', 'DAB', 'FEATHER', 'ROLL', 'SKIM_AND_ROLL', 'ROOM', 'FLAT')),
  verdict varchar(15) not null
    check (verdict in ('LEAVE', 'WASH', 'DAB', 'FEATHER', 'ROLL', 'SKIM_AND_ROLL', 'ROOM', 'FLAT')),
  shows_low double precision not null check (shows_low between 0 and 1),
  shows_likely double precision not null check (shows_likely between shows_low and shows_high),
  shows_high double precision not null check (shows_high between 0 and 1),
  options text not null check (jsonb_typeof(options::jsonb) = 'array'),
  reasons text not null check (jsonb_typeof(reasons::jsonb) = 'array'),
  job text not null check (jsonb_typeof(job::jsonb) = 'object'),
  outcome varchar(12) check (outcome in ('NOT_SEEN', 'LOOKED_FOR', 'SEEN')),
  outcome_by uuid,
  outcome_at timestamptz,
  version int not null,
  unique (sheet_id, surface_id, moment),
  check ((outcome is null) = (outcome_by is null) and (outcome is null) = (outcome_at is null)),
  foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id),
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
  foreign key (organisation_id, made_by) references person (organisation_id, id),
  foreign key (organisation_id, outcome_by) references person (organisation_id, id)
);
create index prediction_surface on prediction (surface_id);
