-- Every row belongs to an organisation. A row can only point at rows of its own organisation, because the
-- references carry the organisation with them. Units stand in the column names; CHECKs mirror the core's ranges.

create table organisation (
  id uuid primary key,
  name varchar(120) not null check (length(trim(name)) > 0),
  units varchar(10) not null check (units in ('METRIC', 'US')),
  zone varchar(60) not null,
  version int not null
);

create table person (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  login varchar(80) not null unique check (length(trim(login)) > 0),
  name varchar(120) not null check (length(trim(name)) > 0),
  password_hash varchar(200) not null,
  role varchar(10) not null check (role in ('LEAD', 'PAINTER', 'OFFICE')),
  active boolean not null,
  version int not null,
  unique (organisation_id, id)
);

create table house (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  name varchar(120) not null check (length(trim(name)) > 0),
  built_year int not null check (built_year between 1500 and 2100),
  roof varchar(10) not null check (roof in ('SAW', 'GABLE', 'FLAT')),
  textured_coating boolean not null,
  position int not null,
  version int not null,
  unique (organisation_id, id),
  unique (organisation_id, name)
);

create table person_house (
  id uuid primary key,
  organisation_id uuid not null,
  person_id uuid not null,
  house_id uuid not null,
  unique (person_id, house_id),
  foreign key (organisation_id, person_id) references person (organisation_id, id),
  foreign key (organisation_id, house_id) references house (organisation_id, id)
);

create table flat (
  id uuid primary key,
  organisation_id uuid not null,
  house_id uuid not null,
  number int not null check (number between 1 and 9999),
  floor int not null check (floor between 0 and 60),
  bay int not null check (bay between 0 and 60),
  version int not null,
  unique (organisation_id, id),
  unique (house_id, number),
  unique (house_id, floor, bay),
  foreign key (organisation_id, house_id) references house (organisation_id, id)
);

create table turnover (
  id uuid primary key,
  organisation_id uuid not null,
  flat_id uuid not null,
  keys_back_on date not null,
  viewing_on date,
  move_in_on date,
  ended_on date,
  version int not null,
  unique (organisation_id, id),
  check (viewing_on is null or viewing_on >= keys_back_on),
  check (move_in_on is null or move_in_on >= keys_back_on),
  foreign key (organisation_id, flat_id) references flat (organisation_id, id)
);
create unique index turnover_one_open on turnover (flat_id) where ended_on is null;

create table room (
  id uuid primary key,
  organisation_id uuid not null,
  flat_id uuid not null,
  name varchar(60) not null check (length(trim(name)) > 0),
  kind varchar(10) not null check (kind in ('LIVING', 'BEDROOM', 'HALL', 'KITCHEN', 'BATH', 'STAIRS')),
  position int not null,
  height_mm double precision not null check (height_mm between 1500 and 8000),
  version int not null,
  unique (organisation_id, id),
  foreign key (organisation_id, flat_id) references flat (organisation_id, id)
);
create index room_flat on room (flat_id);

-- walls, the ceiling and the trim of a room; a wall runs from its start corner to the start of the next wall
create table surface (
  id uuid primary key,
  organisation_id uuid not null,
  room_id uuid not null,
  kind varchar(10) not null check (kind in ('WALL', 'CEILING', 'TRIM')),
  position int not null,
  start_east_mm double precision,
  start_north_mm double precision,
  substrate varchar(15) not null
    check (substrate in ('GYPSUM_BOARD', 'SKIM_PLASTER', 'LIME_PLASTER', 'TIMBER', 'METAL', 'PANEL')),
  texture varchar(20) not null
    check (texture in ('SMOOTH', 'ORANGE_PEEL', 'LIGHT_KNOCK_DOWN', 'HEAVY', 'BARE_MASONRY')),
  version int not null,
  unique (organisation_id, id),
  unique (room_id, kind, position),
  check ((kind = 'WALL') = (start_east_mm is not null and start_north_mm is not null)),
  foreign key (organisation_id, room_id) references room (organisation_id, id)
);
create index surface_room on surface (room_id);

create table wall_feature (
  id uuid primary key,
  organisation_id uuid not null,
  surface_id uuid not null,
  kind varchar(12) not null check (kind in
    ('DOOR', 'WINDOW', 'PASSAGE', 'SOCKET', 'SWITCH', 'WALL_LIGHT', 'RADIATOR', 'RAIL')),
  left_mm double precision not null check (left_mm >= 0),
  bottom_mm double precision not null check (bottom_mm >= 0),
  width_mm double precision not null check (width_mm > 0),
  height_mm double precision not null check (height_mm > 0),
  unique (organisation_id, id),
  foreign key (organisation_id, surface_id) references surface (organisation_id, id)
);
create index wall_feature_surface on wall_feature (surface_id);

create table colour (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  name varchar(80) not null check (length(trim(name)) > 0),
  code varchar(30) not null,
  screen_hex varchar(7) not null check (screen_hex ~ '^#[0-9a-f]{6}$'),
  version int not null,
  unique (organisation_id, id),
  unique (organisation_id, name)
);

create table product (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  maker varchar(80) not null check (length(trim(maker)) > 0),
  name varchar(80) not null check (length(trim(name)) > 0),
  sheen varchar(12) not null check (sheen in ('DEAD_FLAT', 'MATT', 'EGGSHELL', 'SATIN', 'SILK', 'GLOSS')),
  gloss60 double precision not null check (gloss60 between 0 and 100),
  version int not null,
  unique (organisation_id, id),
  unique (organisation_id, maker, name)
);

create table product_size (
  id uuid primary key,
  organisation_id uuid not null,
  product_id uuid not null,
  litres double precision not null check (litres > 0 and litres <= 200),
  unique (product_id, litres),
  foreign key (organisation_id, product_id) references product (organisation_id, id)
);

create table tin (
  id uuid primary key,
  organisation_id uuid not null,
  label varchar(12) not null check (length(trim(label)) > 0),
  product_id uuid not null,
  colour_id uuid not null,
  batch varchar(30) not null,
  size_l double precision not null check (size_l > 0 and size_l <= 200),
  left_l double precision not null check (left_l >= 0),
  place varchar(80) not null,
  tinted_at varchar(80) not null,
  version int not null,
  check (left_l <= size_l),
  unique (organisation_id, id),
  unique (organisation_id, label),
  foreign key (organisation_id, product_id) references product (organisation_id, id),
  foreign key (organisation_id, colour_id) references colour (organisation_id, id)
);

create table mark (
  id uuid primary key,
  organisation_id uuid not null,
  surface_id uuid not null,
  kind varchar(15) not null check (kind in
    ('NAIL_HOLE', 'SCREW_HOLE', 'ANCHOR', 'DING', 'HOLE', 'CRACK', 'OLD_TOUCH_UP', 'STAIN')),
  left_mm double precision not null check (left_mm >= 0),
  above_floor_mm double precision not null check (above_floor_mm >= 0),
  across_mm double precision not null check (across_mm between -12000 and 12000),
  up_mm double precision not null check (up_mm between -12000 and 12000),
  depth_mm double precision not null check (depth_mm between 0 and 50),
  set_by uuid not null,
  set_at timestamptz not null,
  removed_at timestamptz,
  made_good_on date,
  version int not null,
  unique (organisation_id, id),
  foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  foreign key (organisation_id, set_by) references person (organisation_id, id)
);
create index mark_surface on mark (surface_id);

-- what was found out and decided on a wall during one turnover
create table wall_visit (
  id uuid primary key,
  organisation_id uuid not null,
  surface_id uuid not null,
  turnover_id uuid not null,
  paint_answer varchar(20) check (paint_answer in ('RECORD_AGREES', 'TIN_IN_STORE', 'NOT_SURE')),
  tin_id uuid,
  answered_by uuid,
  overruled_action varchar(15) check (overruled_action in ('LEAVE', 'DAB', 'FEATHER', 'ROLL', 'SKIM_AND_ROLL')),
  overruled_why varchar(200),
  version int not null,
  unique (surface_id, turnover_id),
  check ((paint_answer = 'TIN_IN_STORE') is not distinct from (tin_id is not null) or paint_answer is null),
  check ((overruled_action is null) = (overruled_why is null)),
  foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id),
  foreign key (organisation_id, tin_id) references tin (organisation_id, id),
  foreign key (organisation_id, answered_by) references person (organisation_id, id)
);

create table sheet (
  id uuid primary key,
  organisation_id uuid not null,
  flat_id uuid not null,
  turnover_id uuid not null,
  made_by uuid not null,
  made_at timestamptz not null,
  temperature_c double precision not null check (temperature_c between -30 and 60),
  humidity_pct double precision not null check (humidity_pct between 0 and 100),
  moving_air boolean not null,
  climate_noted_at timestamptz,
  closed_by uuid,
  closed_at timestamptz,
  model_version varchar(20) not null,
  version int not null,
  unique (organisation_id, id),
  check ((closed_by is null) = (closed_at is null)),
  foreign key (organisation_id, flat_id) references flat (organisation_id, id),
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id),
  foreign key (organisation_id, made_by) references person (organisation_id, id),
  foreign key (organisation_id, closed_by) references person (organisation_id, id)
);
create unique index sheet_one_open on sheet (flat_id) where closed_at is null;

create table sheet_wall (
  id uuid primary key,
  organisation_id uuid not null,
  sheet_id uuid not null,
  surface_id uuid not null,
  action varchar(15) not null check (action in ('LEAVE', 'DAB', 'FEATHER', 'ROLL', 'SKIM_AND_ROLL')),
  product_id uuid,
  colour_id uuid,
  tin_id uuid,
  litres double precision not null check (litres >= 0),
  position int not null,
  unique (sheet_id, surface_id),
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
  foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  foreign key (organisation_id, product_id) references product (organisation_id, id),
  foreign key (organisation_id, colour_id) references colour (organisation_id, id),
  foreign key (organisation_id, tin_id) references tin (organisation_id, id)
);

create table sheet_mark (
  id uuid primary key,
  organisation_id uuid not null,
  sheet_id uuid not null,
  mark_id uuid not null,
  unique (sheet_id, mark_id),
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
  foreign key (organisation_id, mark_id) references mark (organisation_id, id)
);

create table sheet_step (
  id uuid primary key,
  organisation_id uuid not null,
  sheet_id uuid not null,
  position int not null,
  kind varchar(20) not null,
  walls uuid[] not null,
  paint varchar(80) not null,
  places int not null check (places >= 0),
  area_m2 double precision not null check (area_m2 >= 0),
  edge_m double precision not null check (edge_m >= 0),
  minutes double precision not null check (minutes >= 0),
  tools varchar[] not null,
  cautions varchar[] not null,
  dry_material varchar(20),
  dry_thickness_mm double precision check (dry_thickness_mm > 0),
  ticked_by uuid,
  ticked_at timestamptz,
  early_why varchar(200),
  version int not null,
  unique (organisation_id, id),
  unique (sheet_id, position),
  check ((ticked_by is null) = (ticked_at is null)),
  check ((dry_material is null) = (dry_thickness_mm is null)),
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
  foreign key (organisation_id, ticked_by) references person (organisation_id, id)
);

create table sheet_use (
  id uuid primary key,
  organisation_id uuid not null,
  step_id uuid not null,
  material varchar(20) not null,
  paint varchar(80) not null,
  litres double precision not null check (litres >= 0),
  foreign key (organisation_id, step_id) references sheet_step (organisation_id, id)
);
create index sheet_use_step on sheet_use (step_id);

-- a surface's layers, oldest first by position
create table coat (
  id uuid primary key,
  organisation_id uuid not null,
  surface_id uuid not null,
  position int not null,
  layer varchar(12) not null check (layer in
    ('SUBSTRATE', 'SKIM', 'FILLER', 'PRIMER', 'SPOT_PRIMER', 'STAIN_BLOCK', 'FINISH', 'SPOTS', 'UNKNOWN')),
  product_id uuid,
  colour_id uuid,
  tin_id uuid,
  places int check (places > 0),
  applied_on date,
  applied_by uuid,
  temperature_c double precision check (temperature_c between -30 and 60),
  humidity_pct double precision check (humidity_pct between 0 and 100),
  sheet_id uuid,
  note varchar(200) not null,
  version int not null,
  unique (surface_id, position),
  foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  foreign key (organisation_id, product_id) references product (organisation_id, id),
  foreign key (organisation_id, colour_id) references colour (organisation_id, id),
  foreign key (organisation_id, tin_id) references tin (organisation_id, id),
  foreign key (organisation_id, applied_by) references person (organisation_id, id),
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id)
);
create index coat_surface on coat (surface_id);

create table own_figure (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  figure varchar(40) not null,
  amount double precision not null,
  why varchar(200) not null,
  set_by uuid not null,
  set_at timestamptz not null,
  version int not null,
  unique (organisation_id, figure),
  foreign key (organisation_id, set_by) references person (organisation_id, id)
);

-- sessions survive a restart of the server (spring-session-jdbc's own tables)
create table spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
