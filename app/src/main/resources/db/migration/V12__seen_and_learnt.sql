-- Lookers, light and tools are figures; two limits of sheen are not read any more, because it is simulated.

delete from own_figure where figure in ('SHEEN_GAP_ON_MATT', 'SHEEN_GAP_ON_SATIN');
alter table own_figure drop constraint own_figure_figure_check;
alter table own_figure add constraint own_figure_figure_check check (figure in (
    'SET_UP', 'PACK_UP', 'WORK_FROM', 'WORK_TO', 'PLATE_OFF', 'PLATE_BACK', 'PROTECT_FLOOR', 'TAPE_ON', 'TAPE_OFF',
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

-- How hard those who come will look.

alter table turnover
  add column scrutiny varchar(10) not null default 'AS_USUAL' check (scrutiny in ('AS_USUAL', 'CLOSELY', 'IN_PASSING'));

-- What the simulation alone said of a wall, and the causes that chances are learnt by. Older predictions said what was computed.

alter table prediction
  add column computed double precision check (computed between 0 and 1),
  add column causes varchar[] not null default '{}'
    check (causes <@ array['BOUGHT_AGAIN', 'OLD_FILM', 'RAKING_LIGHT', 'AT_EYE_LEVEL', 'MANY_SPOTS', 'FEATHERED']::varchar[]);
update prediction set computed = shows_likely;
alter table prediction alter column computed set not null;
alter table prediction alter column causes drop default;
create index prediction_made on prediction (organisation_id, moment, made_at);

-- Every time somebody came to look at a wall: what was seen, from where, in which light, so many days after the work was done.

create table look (
  id uuid primary key,
  organisation_id uuid not null,
  sheet_id uuid not null,
  surface_id uuid not null,
  outcome varchar(12) not null check (outcome in ('NOT_SEEN', 'LOOKED_FOR', 'SEEN')),
  stood varchar(10) not null check (stood in ('FRONT', 'ALONG', 'NEAR')),
  light varchar(10) not null check (light in ('DAYLIGHT', 'LAMPS', 'TORCH')),
  days_after integer not null check (days_after between 0 and 10000),
  looked_on date not null,
  noted_by uuid not null,
  noted_at timestamptz not null,
  foreign key (organisation_id, surface_id) references surface (organisation_id, id),
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
  foreign key (organisation_id, noted_by) references person (organisation_id, id)
);
create index look_sheet on look (sheet_id, surface_id, noted_at);

-- What was learnt from outcomes, each time anew; the last one is in use if it foretold better than the simulation.

create table learnt (
  id uuid primary key,
  organisation_id uuid not null references organisation (id),
  made_at timestamptz not null,
  coefficients text not null check (jsonb_typeof(coefficients::jsonb) = 'array'),
  covariance text not null check (jsonb_typeof(covariance::jsonb) = 'array'),
  outcomes integer not null check (outcomes >= 0),
  brier_computed double precision not null check (brier_computed between 0 and 1),
  brier_learnt double precision not null check (brier_learnt between 0 and 1),
  is_used boolean not null
);
create index learnt_made on learnt (organisation_id, made_at desc);

alter table event drop constraint event_kind_check;
alter table event add constraint event_kind_check check (kind in (
    'MARK_SET', 'MARKS_SWEPT', 'MARKS_COPIED', 'MARK_MEASURED', 'MARK_CONDITION', 'MARK_METHOD',
    'MARK_REMOVED', 'MARK_RESTORED', 'MARK_MADE_GOOD', 'MARK_OPEN_AGAIN', 'COLOUR_READ', 'PAINT_IDENTIFIED',
    'PAINT_REFUSED', 'PAINT_ANSWERED', 'PAINT_CHOSEN', 'COATS_CHOSEN', 'TIN_RECOGNISED', 'OVERRULED', 'VERDICT_FOLLOWED',
    'FINDING_NOTED', 'FINDING_WITHDRAWN', 'PLACE_ANSWERED', 'SHEET_MADE', 'SHEET_GIVEN_UP', 'FAULTS_ADDED', 'COAT_ADDED',
    'TICKED', 'TICKED_EARLY', 'UNTICKED', 'AIR_NOTED', 'CAUTION_READ', 'NOTE_WRITTEN', 'SHEET_CLOSED', 'SHEET_REOPENED',
    'COAT_RECORDED', 'ROOM_ENTERED', 'FEATURE_ENTERED', 'DATES_SET', 'LET_AGAIN', 'PRACTICE_FOR_JOB', 'LOOKED_AGAIN'));
