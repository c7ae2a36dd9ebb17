package lumko.app.catalogue;

interface ProductRepository extends MergeableRepository<ProductRow> {
    boolean existsByMakerIgnoreCaseAndNameIgnoreCase(String maker, String name);
}
