-- Flats planned together: who does what when, what was offered and taken, what is settled, who works when.

alter table own_figure drop constraint own_figure_figure_check;
alter table own_figure add constraint own_figure_figure_check check (figure in (
    'SET_UP', 'PACK_UP', 'WORK_FROM', 'WORK_TO', 'BREAK_FROM', 'BREAK_FOR', 'AT_ONE_GO',
    'WAY_FROM_DEPOT', 'WAY_BETWEEN_HOUSES', 'WAY_BETWEEN_FLATS', 'ROOM_NOT_WALKED', 'HEATERS', 'AIRED_FOR', 'PLATE_OFF', 'PLATE_BACK', 'PROTECT_FLOOR', 'TAPE_ON', 'TAPE_OFF',
    'MAKE_SOUND', 'NAIL_HOLE_FILL', 'SCREW_HOLE_FILL', 'ANCHOR_FILL', 'DING_FILL', 'SMALL_HOLE_FIRST', 'SMALL_HOLE_NEXT',
    'MEDIUM_HOLE_FIRST', 'MEDIUM_HOLE_NEXT', 'LARGE_HOLE_FIRST', 'LARGE_HOLE_NEXT', 'CRACK_FIRST', 'CRACK_NEXT', 'ANCHOR_IN',
    'TOGGLE_OUT', 'FASTENER_RESET', 'SEAL_RAW_PAPER', 'BOX_GAP_FIRST', 'BOX_GAP_NEXT', 'KEEP_DAMP', 'CAULK_OUT',
    'CAULK_BEAD', 'WASH', 'KILL_MOULD', 'STRIP_PAPER', 'SAND_GLUE', 'SCRAPE_FLAT', 'SAND_LUMPS', 'WIRE_OFF_RUST',
    'RESTORE_TEXTURE', 'OVERFILL_SANDING', 'SPONGE_LEVELLING', 'SAND_SPOT', 'SAND_WALL', 'DUST_AND_WIPE', 'SPOT_PRIME',
    'SPOT_PRIME_LEAST', 'TOUCH_UP_SET_OUT', 'DAB', 'FEATHER', 'FEATHER_AREA', 'CUT_IN', 'CUT_IN_AGAIN', 'ROLL_WALL',
    'SKIM_FIRST', 'SKIM_SECOND', 'PRIME_WALL', 'INSPECT', 'CUT_IN_LOOSE', 'CUT_AFTER_ROLLING', 'ROLL_CEILING', 'ROLL_WIDE',
    'WIDE_ROLLER_SET_OUT', 'ROLL_ADVANCE_50', 'LAY_OFF_SEVERAL', 'TRIM_BRUSH', 'DOOR_SIDE', 'WINDOW_CASING', 'SAND_TRIM',
    'SAND_PRIMER', 'TEST_PATCH', 'CORRECT', 'SCORE_TAPE', 'EVERY_TIME_CORNER', 'SPLASH_ZONE', 'ABOVE_BATH', 'PLATE_LOOSENED',
    'PLATE_MASKED', 'PLATE_SCRAPED', 'RAIL_OFF_AND_ON', 'RAIL_MASKED', 'RADIATOR_BEHIND', 'RADIATOR_LIFTED',
    'HALO_PUT_RIGHT', 'FITTING_BROKEN', 'SWEEP', 'SCRAPE_GLASS', 'CHANGE_LINER', 'BAG_TOOL', 'SLEEVE_TAPED', 'SLEEVE_DAMPED',
    'SLEEVE_WASHED', 'WASH_BRUSH', 'WASH_SLEEVE', 'BOX_TINS', 'STIR', 'WRAP_FURNITURE', 'SAND_SPOT_TO_DAB',
    'SECOND_ROUND_SPOT', 'CLEAN_JOINT', 'SEAL_TAPE_EDGE', 'PLATE_TIGHTENED', 'BLEED_WIPED', 'LINE_REPAINTED',
    'FILL_WHAT_SHOWS', 'REFILL_HOLLOW', 'SAND_PLASTER_BY_MACHINE', 'SAND_TO_BEAD', 'WASH_GLUE', 'FIT_STRIP', 'DEGREASE',
    'SPREAD_EMULSION', 'SPREAD_PRIMER', 'SPREAD_STAIN_BLOCK', 'SPREAD_MIST_COAT', 'SPREAD_TRIM', 'TRIM_STRIP',
    'DOOR_SIDE_LITRES', 'OVERFILL', 'LOSS_ROLLER', 'LOSS_BRUSH', 'LOSS_TIN', 'ROLLED_COATS', 'TEXTURE_ORANGE_PEEL',
    'TEXTURE_LIGHT_KNOCK_DOWN', 'TEXTURE_HEAVY', 'TEXTURE_BARE_MASONRY', 'LITRE_IN_MINUTES', 'FILLER_SHRINKAGE',
    'SPREAD_ON_PRIMER', 'MIST_PAINT_SHARE', 'OPENING_STAYS_IN', 'CUT_STRIP', 'SHEET_OF_PLASTER', 'SHEET_OF_PAINTED_WALL',
    'SHEET_OF_SPOTS', 'CLEANER', 'SPOT_TOOL_LOAD', 'SPOT_FILM', 'PRIMED_ROUND_SPOT', 'TEXTURE_FILM', 'DRY_SPACKLE',
    'DRY_DRYING_COMPOUND', 'DRY_SETTING_COMPOUND', 'DRY_TWO_PART', 'DRY_PLASTER', 'DRY_CAULK', 'DRY_PRIMER', 'DRY_EMULSION',
    'DRY_TRIM_WATER', 'DRY_TRIM_SOLVENT', 'DRY_DAMP_WALL', 'DRY_FINE_FILLER', 'DRY_TEXTURE', 'DRY_ADHESION_PRIMER',
    'DRY_SEAL_BEAD', 'DRY_EMULSION_TO_TAPE', 'DRY_EMULSION_TO_TOUCH', 'DRY_TRIM_TO_TAPE', 'DRY_COMPOUND_TO_SAND',
    'DRY_SETTING_TO_PAINT', 'WETTED_WITHIN', 'OPEN_TIME', 'FULL_CURE', 'KEEP_DAMP_FOR', 'BAGGED_TOOLS_KEEP',
    'BAGGED_COLD_KEEP', 'BLEED_WIPES_OFF', 'STILL_AIR', 'SMALL_HOLE_TO', 'MEDIUM_HOLE_TO', 'TWO_COATS_TO', 'HAIRLINE_TO',
    'WIDE_CRACK_FROM', 'GAP_CAULKED_TO', 'STRUCTURE_FROM', 'SPACKLE_ONE_FILL', 'KNIFE_FIRST', 'KNIFE_SECOND', 'KNIFE_THIRD',
    'KNIFE_BEYOND', 'SHELL', 'FILLED_PAST', 'RIM_FILL', 'FASTENER_BESIDE', 'FASTENER_FEATHERED', 'DENT_UNSCREWED',
    'DENT_PUNCHED', 'DENT_HAMMERED', 'DENT_CUT_FLUSH', 'PLUG_BELOW', 'PLUG_CUT_BELOW', 'RAKED_GROOVE', 'CRACK_FILLED_ACROSS',
    'GAP_PACKED_DEEP', 'BEAD_LEAST', 'BEAD_BESIDE', 'TOOLED_WITH_CLOTH', 'TOOLED_WITH_TOOL', 'PLASTER_PAST', 'BOX_PATCH_BED',
    'SKIM_PAST', 'RIM_FEATHERED', 'SHAVED_BEYOND', 'RUN_SANDED_BESIDE', 'LUMPS_BY_MACHINE', 'SEAM_EVERY', 'FEATHERED_BEYOND',
    'SKIM_FILM', 'SKIM_FILM_AGAIN', 'PLASTER_COAT', 'SKIM_THICKEST', 'FLOOR_STRIP', 'FLOOR_BELOW_SPOT', 'WIPED_ROUND_SPOT',
    'SPOTS_SHARE', 'SPOT_DIAMETER', 'SANDED_BEYOND_FILLER', 'SKIM_PER_SQUARE_METRE', 'SKIM_SHARE', 'SPREAD_SAME_TIN',
    'SPREAD_SAME_BATCH', 'SPREAD_BOUGHT_AGAIN', 'SPREAD_OTHER_PAINT', 'SHIFTS_A_YEAR', 'SHEEN_SAME_BATCH',
    'SHEEN_BOUGHT_AGAIN', 'SHEEN_OTHER_PAINT', 'NOT_SEEN', 'HARDLY_SEEN', 'CLEARLY_SEEN', 'SPOT_DIFFERS', 'FILLER_FLUSH',
    'POOR_HAND', 'FILLER_PROUD', 'SEEN_IN_LIVING', 'SEEN_IN_BEDROOM', 'SEEN_IN_HALL', 'SEEN_IN_KITCHEN', 'SEEN_IN_BATH',
    'SEEN_ON_STAIRS', 'SHOWS_AT_MOST', 'LESS_LOOKED_AT', 'STANDS_OFF', 'STANDS_CLOSE', 'LOOKERS', 'LOOKS_ALONG', 'LOOKS_ALONG_HALL',
    'LOOKERS_DIFFER', 'LIGHT_RAKING', 'LIGHT_WINDOW', 'RELIEF_BRUSH', 'RELIEF_FOAM_PAD', 'RELIEF_ROLLER_END',
    'RELIEF_ROLLER', 'RELIEF_LONG_NAP', 'DARK_BELOW', 'STRONG_ABOVE', 'GLOSS_ABOVE', 'FILM_OLD_AFTER', 'SMOOTH_ISLAND_ABOVE',
    'OWN_MINUTES_FROM', 'SHEEN_TONES_DOWN', 'EYE_BAND_FROM', 'EYE_BAND_TO', 'DELAY_OF_COMING_BACK', 'LEAD_BEFORE',
    'ASBESTOS_BEFORE', 'NEAR_ELECTRICITY', 'REACH', 'ABOVE_DEW_POINT', 'COLDEST_TO_PAINT', 'WARMEST_TO_PAINT',
    'DAMPEST_TO_PAINT'));

alter table event drop constraint event_kind_check;
alter table event add constraint event_kind_check check (kind in (
    'MARK_SET', 'MARKS_SWEPT', 'MARKS_COPIED', 'MARK_MEASURED', 'MARK_CONDITION', 'MARK_METHOD',
    'MARK_REMOVED', 'MARK_RESTORED', 'MARK_MADE_GOOD', 'MARK_OPEN_AGAIN', 'COLOUR_READ', 'PAINT_IDENTIFIED',
    'PAINT_REFUSED', 'PAINT_ANSWERED', 'PAINT_CHOSEN', 'COATS_CHOSEN', 'TIN_RECOGNISED', 'OVERRULED', 'VERDICT_FOLLOWED',
    'FINDING_NOTED', 'FINDING_WITHDRAWN', 'PLACE_ANSWERED', 'SHEET_MADE', 'SHEET_GIVEN_UP', 'FAULTS_ADDED', 'COAT_ADDED',
    'TICKED', 'TICKED_EARLY', 'UNTICKED', 'AIR_NOTED', 'CAUTION_READ', 'NOTE_WRITTEN', 'SHEET_CLOSED', 'SHEET_REOPENED',
    'COAT_RECORDED', 'ROOM_ENTERED', 'FEATURE_ENTERED', 'DATES_SET', 'LET_AGAIN', 'PRACTICE_FOR_JOB', 'LOOKED_AGAIN', 'PLAN_TAKEN', 'PLAN_SETTLED',
    'PAINT_AWAITED'));

create index event_done on event (organisation_id, done_at);

-- What pages and plans ask for by something else than its own key.

create index sheet_flat_made on sheet (flat_id, made_at);
create index sheet_turnover on sheet (turnover_id);
create index sheet_made on sheet (organisation_id, made_at);
create index coat_sheet on coat (sheet_id) where sheet_id is not null;
create index coat_colour on coat (colour_id) where colour_id is not null;
create index wall_visit_turnover on wall_visit (turnover_id);

-- What has to be bought for a wall is there from this day on; nothing waits for it, where nothing is said.

alter table sheet_wall
  add column here_on date check (here_on between date '1900-01-01' and date '2200-12-31');

-- Whether somebody touched a tin since a sheet was closed, and whether it was bought for it; where it is not known, what was
-- left tells.

alter table sheet_tin
  add column after_version integer,
  add column bought boolean not null default false;
alter table sheet_tin alter column bought drop default;

-- When a house lets people work in it; always, where nothing is said.

create table house_hours (
  id uuid primary key,
  organisation_id uuid not null,
  house_id uuid not null unique,
  open_from time not null,
  open_to time not null,
  check (open_from < open_to),
  foreign key (organisation_id, house_id) references house (organisation_id, id)
);

create table plan (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  state varchar(10) not null check (state in ('OFFERED', 'IN_FORCE', 'PAST')),
  manner varchar(10) not null check (manner in ('STEADY', 'BALANCED', 'ON_TIME')),
  base_id uuid,
  made_at timestamptz not null,
  taken_at timestamptz,
  taken_by uuid,
  late_min bigint not null check (late_min >= 0),
  late_flats integer not null check (late_flats >= 0),
  painter_days integer not null check (painter_days >= 0),
  way_min integer not null check (way_min >= 0),
  changes integer not null check (changes >= 0),
  version integer not null,
  unique (organisation_id, id),
  check ((state = 'OFFERED') = (taken_at is null)),
  check ((taken_at is null) = (taken_by is null)),
  foreign key (organisation_id, base_id) references plan (organisation_id, id)
    on delete set null (base_id) deferrable,
  foreign key (organisation_id, taken_by) references person (organisation_id, id)
);
create unique index plan_one_in_force on plan (organisation_id) where state = 'IN_FORCE';

-- A piece of work in a plan; key is what the plan calls it, the same from plan to plan as long as there is such a piece.

create table plan_piece (
  id uuid primary key,
  organisation_id uuid not null,
  plan_id uuid not null,
  flat_id uuid not null,
  turnover_id uuid not null,
  key varchar(120) not null,
  step_id uuid,
  part integer not null check (part >= 0),
  parts integer not null check (parts > part),
  kind varchar(40) not null,
  rooms varchar[] not null,
  person_id uuid not null,
  begins_at timestamptz not null,
  minutes integer not null check (minutes > 0),
  dry_at timestamptz not null,
  unique (plan_id, key),
  foreign key (organisation_id, plan_id) references plan (organisation_id, id) on delete cascade,
  foreign key (organisation_id, flat_id) references flat (organisation_id, id),
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id),
  foreign key (organisation_id, person_id) references person (organisation_id, id)
);
create index plan_piece_plan on plan_piece (plan_id, begins_at);

-- A flat in a plan: when it is ready, the chance that it is in time, what holds it up and what would help.

create table plan_flat (
  id uuid primary key,
  organisation_id uuid not null,
  plan_id uuid not null,
  flat_id uuid not null,
  turnover_id uuid not null,
  ready_at timestamptz not null,
  due_at timestamptz,
  cured_at timestamptz not null,
  chance double precision check (chance between 0 and 1),
  early_at timestamptz not null,
  late_at timestamptz not null,
  chain text not null check (jsonb_typeof(chain::jsonb) = 'array'),
  helps text not null check (jsonb_typeof(helps::jsonb) = 'array'),
  unique (plan_id, flat_id),
  foreign key (organisation_id, plan_id) references plan (organisation_id, id) on delete cascade,
  foreign key (organisation_id, flat_id) references flat (organisation_id, id),
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id)
);

-- A search for a plan: asked for, running, over.

create table plan_search (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  asked_by uuid not null,
  asked_at timestamptz not null,
  ended_at timestamptz,
  state varchar(10) not null check (state in ('WAITING', 'RUNNING', 'DONE', 'STOPPED', 'FAILED')),
  percent integer not null check (percent between 0 and 100),
  problem varchar(250) not null,
  version integer not null,
  check ((state in ('WAITING', 'RUNNING')) = (ended_at is null)),
  foreign key (organisation_id, asked_by) references person (organisation_id, id)
);
create unique index plan_search_one_open on plan_search (organisation_id) where ended_at is null;

-- Who or when somebody settled for a piece of work.

create table plan_lock (
  id uuid primary key,
  organisation_id uuid not null,
  turnover_id uuid not null,
  key varchar(120) not null,
  person_id uuid,
  begins_at timestamptz,
  settled_by uuid not null,
  settled_at timestamptz not null,
  unique (organisation_id, key),
  check (person_id is not null or begins_at is not null),
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id),
  foreign key (organisation_id, person_id) references person (organisation_id, id),
  foreign key (organisation_id, settled_by) references person (organisation_id, id)
);

-- A flat in which a heater is put while something dries, as long as there are heaters.

create table plan_heater (
  id uuid primary key,
  organisation_id uuid not null,
  turnover_id uuid not null unique,
  placed_by uuid not null,
  placed_at timestamptz not null,
  foreign key (organisation_id, turnover_id) references turnover (organisation_id, id),
  foreign key (organisation_id, placed_by) references person (organisation_id, id)
);

-- A day on which somebody works although it is none for work, or does not although it is.

create table person_day (
  id uuid primary key,
  organisation_id uuid not null,
  person_id uuid not null,
  day_on date not null,
  works boolean not null,
  unique (person_id, day_on),
  foreign key (organisation_id, person_id) references person (organisation_id, id)
);

-- A secret link to the calendar of a person or a house. Only a digest of the secret is kept.

create table calendar_link (
  id uuid primary key,
  organisation_id uuid not null,
  digest varchar(64) not null unique,
  person_id uuid,
  house_id uuid,
  made_by uuid not null,
  made_at timestamptz not null,
  revoked_at timestamptz,
  check ((person_id is null) <> (house_id is null)),
  foreign key (organisation_id, person_id) references person (organisation_id, id),
  foreign key (organisation_id, house_id) references house (organisation_id, id),
  foreign key (organisation_id, made_by) references person (organisation_id, id)
);

-- Work in the background; the table that db-scheduler keeps it in, by its own layout for PostgreSQL.

create table scheduled_tasks (
  task_name text not null,
  task_instance text not null,
  task_data bytea,
  execution_time timestamptz,
  picked boolean not null,
  picked_by text,
  last_success timestamptz,
  last_failure timestamptz,
  consecutive_failures int,
  last_heartbeat timestamptz,
  version bigint not null,
  priority smallint,
  primary key (task_name, task_instance)
);
create index scheduled_tasks_execution_time on scheduled_tasks (execution_time);
create index scheduled_tasks_last_heartbeat on scheduled_tasks (last_heartbeat);
