package lumko.app.catalogue;

interface ColourRepository extends MergeableRepository<ColourRow> {
    boolean existsByNameIgnoreCase(String name);
}
