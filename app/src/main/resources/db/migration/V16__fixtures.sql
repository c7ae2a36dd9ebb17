-- Doors, radiators, shelves and the like that have paint of their own stand beside the walls, the ceiling and the trim of a room;
-- walls end under a roof and along stairs.
alter table surface drop constraint surface_kind_check;
alter table surface
    add fixture varchar(12) check (
      fixture in ('DOOR', 'WINDOW', 'RADIATOR', 'SHELVES', 'PANELLING', 'CUPBOARD', 'GRILLE', 'METALWORK')),
    add fixture_name varchar(40),
    add fixture_width_mm double precision check (fixture_width_mm between 100 and 6000),
    add fixture_height_mm double precision check (fixture_height_mm between 20 and 4000),
    add fixture_sides int check (fixture_sides in (1, 2)),
    add gone_on date,
    add constraint surface_kind_check check (kind in ('WALL', 'CEILING', 'TRIM', 'FIXTURE')),
    add constraint surface_is_fixture_check check ((kind = 'FIXTURE') = (fixture is not null)),
    add constraint surface_whole_fixture_check check (
      num_nonnulls(fixture, fixture_name, fixture_width_mm, fixture_height_mm, fixture_sides) in (0, 5)),
    add roof_left_mm double precision check (roof_left_mm between 0 and 8000),
    add roof_right_mm double precision check (roof_right_mm between 0 and 8000),
    add peak_from_left_mm double precision check (peak_from_left_mm between 0 and 30000),
    add peak_high_mm double precision check (peak_high_mm between 0 and 8000),
    add peak_level_mm double precision check (peak_level_mm between 0 and 30000),
    add stairs_left_mm double precision check (stairs_left_mm between 0 and 8000),
    add stairs_right_mm double precision check (stairs_right_mm between 0 and 8000),
    add stairs_from_mm double precision check (stairs_from_mm between 0 and 30000),
    add stairs_until_mm double precision check (stairs_until_mm between 0 and 30000),
    -- where stairs run along the foot of a wall
    add constraint surface_stairs_check check (
      num_nonnulls(stairs_left_mm, stairs_right_mm, stairs_from_mm, stairs_until_mm) in (0, 4)
      and (kind = 'WALL' or stairs_left_mm is null) and stairs_from_mm < stairs_until_mm),
    -- where a roof cuts a wall off
    add constraint surface_roof_check check (
      num_nonnulls(roof_left_mm, roof_right_mm) in (0, 2) and num_nonnulls(peak_from_left_mm, peak_high_mm, peak_level_mm) in (0, 3)
      and (roof_left_mm is not null or peak_from_left_mm is null) and (kind = 'WALL' or roof_left_mm is null)),
    add constraint surface_gone_check check (gone_on is null or kind = 'FIXTURE');

-- what is said at a step that paints one
alter table sheet_step drop constraint sheet_step_says_check;
alter table sheet_step add constraint sheet_step_says_check check (says <@ array[
  'NOT_INVISIBLE', 'LEAST_VISIBLE_FIRST', 'SHEEN_FADES', 'TOUCH_UP_EARLY', 'BOTH_WAYS_COUNTED', 'PRIME_EVERY_FILL',
  'PLUG_JUST_BELOW', 'RING_SCRAPED', 'RELIEF_CLEARED', 'PUNCH_DENTS_LESS', 'HAMMER_SECOND_FILL', 'DEEP_PLUG_BACKED',
  'SCREWS_WITH_PLATE', 'PLATES_CLEAN', 'PLATES_OFF_BETTER', 'WRAP_WHAT_STAYS', 'PREP_TWICE', 'WASH_THEN_JUDGE',
  'NO_FINGERS', 'SHEEN_ALONG_WALL', 'LOOK_ALONG', 'SCRAPE_RIDGES', 'FIT_STOP', 'GREASE_FIRST', 'KEY_SHEEN',
  'HEAT_OR_WAIT', 'OVERNIGHT_LAST', 'STEPPED_CAUSE_FIRST', 'SAG_STOP', 'OLD_BEAD_OUT', 'CAULK_SHRINKS',
  'CLOGGED_SHEET', 'SEND_BACK', 'WHY_FLAKED', 'CHIPS_GATHERED_WET', 'BLEED_TWO_DAYS', 'SCORE_DRY_TAPE',
  'PRIMER_EVEN_TONE', 'SECOND_COAT_RULE', 'DULL_NO_SHINE', 'STAY_NINETY_MINUTES', 'PAINT_WHEN_PALE',
  'FIRST_COAT_IS_TEST', 'HALF_YEARLY_LOOK', 'SMOKE_ALL_SURFACES', 'SECOND_BLOCK_COAT', 'RING_BLEEDS',
  'MOULD_NEEDS_AIR', 'PANEL_EVERY_TIME', 'BRIGHT_METAL', 'WET_FILLER_PULLS', 'TIME_FOR_ALL', 'TOWARDS_WINDOW',
  'DARK_SHOWS', 'THIRD_COAT_ODDS', 'CEILING_COAT_MORE', 'CONFIRM_PAINT', 'RECORD_PAINT', 'RECORD_COATS',
  'STIR_FROM_BOTTOM', 'SEAL_PROTECTED_COLOUR', 'WALL_ONTO_SKIRTING', 'MIX_RUNS_OUT', 'MIX_ALL_FIRST', 'JUDGE_DRY',
  'BOX_TINS', 'BAG_DATED', 'BAG_OVER_WEEK', 'INSPECT_1_2_M', 'LABEL_LEFTOVERS', 'NO_WEIGHT', 'LAST_COAT_PART',
  'HOLLOW_AGAIN', 'ASK_FOR_TOOL', 'SEAL_RAW_PAPER', 'TEXTURE_BEFORE_PRIMER', 'STEAM_TOUGH', 'SKIM_ONCE',
  'LAMP_ALONG', 'TEST_LEAD_FIRST', 'HIGH_FIRST', 'KEEP_LITTLE_OUT', 'TAPE_ON_LINE', 'LINE_OF_THIS_SURFACE',
  'LINE_OF_CEILING', 'LINE_OF_TRIM', 'LINE_OF_WALL_BESIDE', 'CHIP_FROM_POT', 'INSPECT_2_M', 'SCRAPE_TO_HOLD',
  'UNKEYED_PEELS', 'SEAM_HOURS', 'PIPES_MUST_GIVE', 'BEHIND_UNPAINTED', 'LAY_OFF_ONCE', 'SMALL_STRETCHES',
  'TINT_UNDERCOAT', 'PALE_SHAPES', 'MATCH_WHOLE_WALL', 'CARPET_TAPE_WET', 'CARPET_THIN_LOAD', 'SUPPLY_OFF',
  'LOOK_FOR_CABLES', 'TWO_STRAP_MASK', 'GLOVES_GOGGLES', 'NO_DRY_SANDING', 'NEVER_MIX_BLEACH', 'EYES_OVERHEAD',
  'FOOTED_LADDER', 'WIPE_BEFORE_RINSE', 'RADIATOR_BY_TWO', 'SAMPLE_ASBESTOS', 'HEATING_OFF', 'DOOR_AJAR',
  'WINDOW_MOVED', 'NOTHING_ON_IT'
]::varchar[]);

-- a note taken off a sheet can be put back
alter table sheet_note add taken_off_at timestamptz;

-- what can hurt someone over a flight of stairs
alter table sheet_step drop constraint sheet_step_cautions_check;
alter table sheet_step add constraint sheet_step_cautions_check check (cautions <@ array[
  'ELECTRICITY', 'LEAD', 'ASBESTOS', 'DUST', 'LADDER', 'STAIRS', 'WEIGHT', 'SPLASHES', 'CHEMICALS', 'SOLVENT',
  'CAUSE_FIRST', 'DRAINS'
]::varchar[]);
alter table sheet_caution drop constraint sheet_caution_caution_check;
alter table sheet_caution add constraint sheet_caution_caution_check check (caution in (
  'ELECTRICITY', 'LEAD', 'ASBESTOS', 'DUST', 'LADDER', 'STAIRS', 'WEIGHT', 'SPLASHES', 'CHEMICALS', 'SOLVENT',
  'CAUSE_FIRST', 'DRAINS'));

-- how long one takes
alter table own_figure drop constraint own_figure_figure_check;
alter table own_figure add constraint own_figure_figure_check check (figure in (
  'SET_UP', 'PACK_UP', 'WORK_FROM', 'WORK_TO', 'BREAK_FROM', 'BREAK_FOR', 'AT_ONE_GO', 'WAY_FROM_DEPOT',
  'WAY_BETWEEN_HOUSES', 'WAY_BETWEEN_FLATS', 'ROOM_NOT_WALKED', 'HEATERS', 'AIRED_FOR', 'PLATE_OFF', 'PLATE_BACK',
  'PROTECT_FLOOR', 'TAPE_ON', 'TAPE_OFF', 'MAKE_SOUND', 'NAIL_HOLE_FILL', 'SCREW_HOLE_FILL', 'ANCHOR_FILL',
  'DING_FILL', 'SMALL_HOLE_FIRST', 'SMALL_HOLE_NEXT', 'MEDIUM_HOLE_FIRST', 'MEDIUM_HOLE_NEXT', 'LARGE_HOLE_FIRST',
  'LARGE_HOLE_NEXT', 'CRACK_FIRST', 'CRACK_NEXT', 'ANCHOR_IN', 'TOGGLE_OUT', 'FASTENER_RESET', 'SEAL_RAW_PAPER',
  'BOX_GAP_FIRST', 'BOX_GAP_NEXT', 'KEEP_DAMP', 'CAULK_OUT', 'CAULK_BEAD', 'WASH', 'KILL_MOULD', 'STRIP_PAPER',
  'SAND_GLUE', 'SCRAPE_FLAT', 'SAND_LUMPS', 'WIRE_OFF_RUST', 'RESTORE_TEXTURE', 'OVERFILL_SANDING',
  'SPONGE_LEVELLING', 'SAND_SPOT', 'SAND_WALL', 'DUST_AND_WIPE', 'SPOT_PRIME', 'SPOT_PRIME_LEAST',
  'TOUCH_UP_SET_OUT', 'DAB', 'FEATHER', 'FEATHER_AREA', 'CUT_IN', 'CUT_IN_AGAIN', 'ROLL_WALL', 'SKIM_FIRST',
  'SKIM_SECOND', 'PRIME_WALL', 'INSPECT', 'CUT_IN_LOOSE', 'CUT_AFTER_ROLLING', 'ROLL_CEILING', 'ROLL_WIDE',
  'WIDE_ROLLER_SET_OUT', 'ROLL_ADVANCE_50', 'LAY_OFF_SEVERAL', 'TRIM_BRUSH', 'DOOR_SIDE', 'WINDOW_CASING',
  'SAND_TRIM', 'SAND_PRIMER', 'TEST_PATCH', 'CORRECT', 'SCORE_TAPE', 'EVERY_TIME_CORNER', 'SPLASH_ZONE',
  'ABOVE_BATH', 'PLATE_LOOSENED', 'PLATE_MASKED', 'PLATE_SCRAPED', 'RAIL_OFF_AND_ON', 'RAIL_MASKED',
  'RADIATOR_BEHIND', 'RADIATOR_LIFTED', 'HALO_PUT_RIGHT', 'FITTING_BROKEN', 'SWEEP', 'SCRAPE_GLASS', 'CHANGE_LINER',
  'BAG_TOOL', 'SLEEVE_TAPED', 'SLEEVE_DAMPED', 'SLEEVE_WASHED', 'WASH_BRUSH', 'WASH_SLEEVE', 'BOX_TINS', 'STIR',
  'WRAP_FURNITURE', 'SAND_SPOT_TO_DAB', 'SECOND_ROUND_SPOT', 'CLEAN_JOINT', 'SEAL_TAPE_EDGE', 'PLATE_TIGHTENED',
  'BLEED_WIPED', 'LINE_REPAINTED', 'FILL_WHAT_SHOWS', 'REFILL_HOLLOW', 'SAND_PLASTER_BY_MACHINE', 'SAND_TO_BEAD',
  'WASH_GLUE', 'FIT_STRIP', 'DEGREASE', 'SPREAD_EMULSION', 'SPREAD_PRIMER', 'SPREAD_STAIN_BLOCK', 'SPREAD_MIST_COAT',
  'SPREAD_TRIM', 'TRIM_STRIP', 'DOOR_SIDE_LITRES', 'OVERFILL', 'LOSS_ROLLER', 'LOSS_BRUSH', 'LOSS_TIN',
  'ROLLED_COATS', 'TEXTURE_ORANGE_PEEL', 'TEXTURE_LIGHT_KNOCK_DOWN', 'TEXTURE_HEAVY', 'TEXTURE_BARE_MASONRY',
  'LITRE_IN_MINUTES', 'FILLER_SHRINKAGE', 'SPREAD_ON_PRIMER', 'MIST_PAINT_SHARE', 'OPENING_STAYS_IN', 'CUT_STRIP',
  'SHEET_OF_PLASTER', 'SHEET_OF_PAINTED_WALL', 'SHEET_OF_SPOTS', 'CLEANER', 'SPOT_TOOL_LOAD', 'SPOT_FILM',
  'PRIMED_ROUND_SPOT', 'TEXTURE_FILM', 'DRY_SPACKLE', 'DRY_DRYING_COMPOUND', 'DRY_SETTING_COMPOUND', 'DRY_TWO_PART',
  'DRY_PLASTER', 'DRY_CAULK', 'DRY_PRIMER', 'DRY_EMULSION', 'DRY_TRIM_WATER', 'DRY_TRIM_SOLVENT', 'DRY_DAMP_WALL',
  'DRY_FINE_FILLER', 'DRY_TEXTURE', 'DRY_ADHESION_PRIMER', 'DRY_SEAL_BEAD', 'DRY_EMULSION_TO_TAPE',
  'DRY_EMULSION_TO_TOUCH', 'DRY_TRIM_TO_TAPE', 'DRY_COMPOUND_TO_SAND', 'DRY_SETTING_TO_PAINT', 'WETTED_WITHIN',
  'OPEN_TIME', 'FULL_CURE', 'KEEP_DAMP_FOR', 'BAGGED_TOOLS_KEEP', 'BAGGED_COLD_KEEP', 'BLEED_WIPES_OFF', 'STILL_AIR',
  'SMALL_HOLE_TO', 'MEDIUM_HOLE_TO', 'TWO_COATS_TO', 'HAIRLINE_TO', 'WIDE_CRACK_FROM', 'GAP_CAULKED_TO',
  'STRUCTURE_FROM', 'SPACKLE_ONE_FILL', 'KNIFE_FIRST', 'KNIFE_SECOND', 'KNIFE_THIRD', 'KNIFE_BEYOND', 'SHELL',
  'FILLED_PAST', 'RIM_FILL', 'FASTENER_BESIDE', 'FASTENER_FEATHERED', 'DENT_UNSCREWED', 'DENT_PUNCHED',
  'DENT_HAMMERED', 'DENT_CUT_FLUSH', 'PLUG_BELOW', 'PLUG_CUT_BELOW', 'RAKED_GROOVE', 'CRACK_FILLED_ACROSS',
  'GAP_PACKED_DEEP', 'BEAD_LEAST', 'BEAD_BESIDE', 'TOOLED_WITH_CLOTH', 'TOOLED_WITH_TOOL', 'PLASTER_PAST',
  'BOX_PATCH_BED', 'SKIM_PAST', 'RIM_FEATHERED', 'SHAVED_BEYOND', 'RUN_SANDED_BESIDE', 'LUMPS_BY_MACHINE',
  'SEAM_EVERY', 'FEATHERED_BEYOND', 'SKIM_FILM', 'SKIM_FILM_AGAIN', 'PLASTER_COAT', 'SKIM_THICKEST', 'FLOOR_STRIP',
  'FLOOR_BELOW_SPOT', 'WIPED_ROUND_SPOT', 'SPOTS_SHARE', 'SPOT_DIAMETER', 'SANDED_BEYOND_FILLER',
  'SKIM_PER_SQUARE_METRE', 'SKIM_SHARE', 'SPREAD_SAME_TIN', 'SPREAD_SAME_BATCH', 'SPREAD_BOUGHT_AGAIN',
  'SPREAD_OTHER_PAINT', 'SHIFTS_A_YEAR', 'SHEEN_SAME_BATCH', 'SHEEN_BOUGHT_AGAIN', 'SHEEN_OTHER_PAINT', 'NOT_SEEN',
  'HARDLY_SEEN', 'CLEARLY_SEEN', 'SPOT_DIFFERS', 'FILLER_FLUSH', 'POOR_HAND', 'FILLER_PROUD', 'SEEN_IN_LIVING',
  'SEEN_IN_BEDROOM', 'SEEN_IN_HALL', 'SEEN_IN_KITCHEN', 'SEEN_IN_BATH', 'SEEN_ON_STAIRS', 'SHOWS_AT_MOST',
  'LESS_LOOKED_AT', 'STANDS_OFF', 'STANDS_CLOSE', 'LOOKERS', 'LOOKS_ALONG', 'LOOKS_ALONG_HALL', 'LOOKERS_DIFFER',
  'LIGHT_RAKING', 'LIGHT_WINDOW', 'RELIEF_BRUSH', 'RELIEF_FOAM_PAD', 'RELIEF_ROLLER_END', 'RELIEF_ROLLER',
  'RELIEF_LONG_NAP', 'DARK_BELOW', 'STRONG_ABOVE', 'GLOSS_ABOVE', 'FILM_OLD_AFTER', 'SMOOTH_ISLAND_ABOVE',
  'OWN_MINUTES_FROM', 'SHEEN_TONES_DOWN', 'EYE_BAND_FROM', 'EYE_BAND_TO', 'DELAY_OF_COMING_BACK', 'LEAD_BEFORE',
  'ASBESTOS_BEFORE', 'NEAR_ELECTRICITY', 'REACH', 'ABOVE_DEW_POINT', 'COLDEST_TO_PAINT', 'WARMEST_TO_PAINT',
  'DAMPEST_TO_PAINT', 'BRUSH_FIXTURE', 'FIXTURE_LEAST', 'SAND_FIXTURE'
));
