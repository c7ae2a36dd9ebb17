-- Every fault of the trade, the house practice, findings of rooms, what closes a sheet, and the history of it all.

alter table product add column binder varchar(15) not null default 'WATERBORNE'
  check (binder in ('WATERBORNE', 'SOLVENTBORNE'));
alter table product alter column binder drop default;

alter table wall_feature drop constraint wall_feature_kind_check;
alter table wall_feature add constraint wall_feature_kind_check check (kind in
  ('DOOR', 'WINDOW', 'PASSAGE', 'SOCKET', 'SWITCH', 'WALL_LIGHT', 'RADIATOR', 'RAIL', 'BLIND'));

alter table mark drop constraint mark_kind_check;
alter table mark drop constraint mark_depth_mm_check;
alter table mark alter column kind type varchar(20);
alter table mark add constraint mark_kind_check check (kind in
  ('NAIL_HOLE', 'SCREW_HOLE', 'PROUD_RIM', 'ANCHOR', 'TOGGLE', 'POPPED_FASTENER', 'DING', 'GOUGE', 'HOLE', 'BOX_GAP',
   'CRACK', 'JOINT_CRACK', 'FAILED_CAULK', 'TAPE_TEAR', 'FLAKING', 'NIBS', 'GLASSY_PLASTER', 'LUMPY_PLASTER',
   'BARE_SURFACE', 'WALLPAPER_REMAINS', 'PANEL_OR_PAPER', 'RUST', 'RUN', 'LAP_MARK', 'PROUD_FILLER', 'SMOOTH_ISLAND',
   'OLD_TOUCH_UP', 'OLD_SHEEN', 'HALO', 'SCUFF', 'GREASE', 'MOULD', 'STAIN', 'SMOKE'));
alter table mark add constraint mark_depth_mm_check check (depth_mm between 0 and 80);
alter table mark
  add column edge varchar(12) not null default 'SOUND' check (edge in ('SOUND', 'CHIPPED', 'LOOSE_PAPER')),
  add column backing varchar(8) not null default 'HOLLOW' check (backing in ('HOLLOW', 'SOLID')),
  add column movement varchar(8) not null default 'STILL' check (movement in ('STILL', 'MOVES')),
  add column single_ones int not null default 1 check (single_ones between 1 and 500),
  add column method varchar(25);
alter table mark alter column edge drop default, alter column backing drop default,
  alter column movement drop default, alter column single_ones drop default;

alter table wall_visit drop constraint wall_visit_overruled_action_check;
alter table wall_visit add constraint wall_visit_overruled_action_check
  check (overruled_action in ('LEAVE', 'WASH', 'DAB', 'FEATHER', 'ROLL', 'SKIM_AND_ROLL'));
alter table sheet_wall drop constraint sheet_wall_action_check;
alter table sheet_wall add constraint sheet_wall_action_check
  check (action in ('LEAVE', 'WASH', 'DAB', 'FEATHER', 'ROLL', 'SKIM_AND_ROLL'));

-- what one notices of a room as a whole, during one turnover
create table room_finding (
  id uuid primary key,
  organisation_id uuid not null,
  room_id uuid not null,
  turnover_id uuid not null,
  finding varchar(20) not null check (finding in
    ('SMELL_OF_SMOKE', 'DAMP', 'MOULD', 'STEAM', 'TENANT_COLOUR', 'FLOOR_COMES_LATER', 'FURNISHED')),
  unique (room_id, turnover_id, finding),
  foreign key (organisation_id, room_id) references room (organisation_id, id),
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id)
);
create index room_finding_turnover on room_finding (turnover_id);

-- what was answered about a place that is looked at each turnover; the place is told by its wall, kind and left edge
create table place_answer (
  id uuid primary key,
  organisation_id uuid not null,
  surface_id uuid not null,
  turnover_id uuid not null,
  kind varchar(15) not null check (kind in ('OUTSIDE_CORNER', 'SPLASH_ZONE', 'ABOVE_BATH')),
  left_mm int not null check (left_mm >= 0),
  answer varchar(8) not null check (answer in ('PAINT', 'SOUND', 'TILED')),
  unique (surface_id, turnover_id, kind, left_mm),
  foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id)
);
create index place_answer_turnover on place_answer (turnover_id);

-- one school for a question: of the organisation, or of one job
create table practice_choice (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  turnover_id uuid,
  question varchar(25) not null,
  school varchar(30) not null,
  version int not null,
  unique nulls not distinct (organisation_id, turnover_id, question),
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id)
);

alter table sheet
  add column practice varchar[] not null default '{}',
  add column seen varchar(10) check (seen in ('NOT_SEEN', 'SEEN')),
  add column looked_from varchar[] not null default '{}',
  add column seen_where varchar(200),
  add constraint sheet_closed_is_inspected check (closed_at is null or seen is not null) not valid,
  add constraint sheet_seen_is_told check (seen is distinct from 'SEEN' or seen_where is not null);
alter table sheet alter column practice drop default, alter column looked_from drop default;

alter table sheet_step rename column walls to surfaces;
alter table sheet_step drop constraint sheet_step_sheet_id_position_key;
alter table sheet_step
  add constraint sheet_step_order unique (sheet_id, position) deferrable initially deferred,
  add column within_after varchar(20),
  add column within_minutes double precision check (within_minutes > 0),
  add constraint sheet_step_within check ((within_after is null) = (within_minutes is null));

-- a caution that somebody has read, once a sheet
create table sheet_caution (
  id uuid primary key,
  organisation_id uuid not null,
  sheet_id uuid not null,
  caution varchar(15) not null,
  read_by uuid not null,
  read_at timestamptz not null,
  unique (sheet_id, caution),
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
  foreign key (organisation_id, read_by) references person (organisation_id, id)
);

create table sheet_note (
  id uuid primary key,
  organisation_id uuid not null,
  sheet_id uuid not null,
  words varchar(500) not null check (length(trim(words)) > 0),
  noted_by uuid not null,
  noted_at timestamptz not null,
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
  foreign key (organisation_id, noted_by) references person (organisation_id, id)
);
create index sheet_note_sheet on sheet_note (sheet_id);

-- what was in a tin before and after a sheet was closed, so that closing can be taken back
create table sheet_tin (
  id uuid primary key,
  organisation_id uuid not null,
  sheet_id uuid not null,
  tin_id uuid not null,
  before_l double precision not null check (before_l >= 0),
  after_l double precision not null check (after_l >= 0),
  place_before varchar(80) not null,
  unique (sheet_id, tin_id),
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
  foreign key (organisation_id, tin_id) references tin (organisation_id, id)
);

-- who did what to a flat, a surface or a mark, and when; never changed afterwards
create table event (
  id uuid primary key,
  organisation_id uuid not null,
  flat_id uuid not null,
  surface_id uuid,
  mark_id uuid,
  kind varchar(25) not null,
  detail varchar(250) not null,
  done_by uuid not null,
  done_at timestamptz not null,
  foreign key (organisation_id, flat_id) references flat (organisation_id, id),
  foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  foreign key (organisation_id, mark_id) references mark (organisation_id, id),
  foreign key (organisation_id, done_by) references person (organisation_id, id)
);
create index event_flat on event (flat_id, done_at);
create index event_surface on event (surface_id, done_at);
create index event_mark on event (mark_id, done_at);

create function event_is_kept() returns trigger language plpgsql as $$
begin
  raise exception 'the history is kept as it is';
end $$;
create trigger event_is_kept before update or delete on event for each row execute function event_is_kept();
