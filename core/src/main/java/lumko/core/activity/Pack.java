package lumko.core.activity;

import java.util.Optional;
import lumko.core.quantity.Volume;

/**
 * How a material that is used up is carried. The sizes are ASSUMPTIONS: such as stand in most shops.
 *
 * @param size what one holds, ready to use
 */
public record Pack(Form form, Volume size) {
    /** What it comes in. */
    public enum Form {
        TUB,
        /** Of powder. */
        BAG,
        CARTRIDGE,
        TIN,
        /** Mixed on the job. */
        BUCKET,
        CAN
    }

    /** Empty for paints, which have their own tins, and for what is thinned from them. */
    public static Optional<Pack> of(Material material) {
        return switch (material) {
            case SPACKLE -> pack(Form.TUB, 0.5);
            case FINE_FILLER -> pack(Form.TUB, 0.25);
            case DRYING_COMPOUND -> pack(Form.TUB, 5);
            case SETTING_COMPOUND -> pack(Form.BAG, 3);
            case PLASTER -> pack(Form.BAG, 4);
            case TWO_PART_FILLER -> pack(Form.CAN, 0.25);
            case CAULK -> pack(Form.CARTRIDGE, 0.3);
            case TEXTURE -> pack(Form.CAN, 0.5);
            case PRIMER, ADHESION_PRIMER, STAIN_BLOCK, UNDERCOAT -> pack(Form.TIN, 1);
            case METAL_PRIMER -> pack(Form.TIN, 0.25);
            case CLEANER -> pack(Form.BUCKET, 5);
            case MOULD_KILLER -> pack(Form.CAN, 0.5);
            case MIST_COAT, THINNED_PAINT, WALL_PAINT, CEILING_PAINT, TRIM_PAINT -> Optional.empty();
        };
    }

    private static Optional<Pack> pack(Form form, double litres) {
        return Optional.of(new Pack(form, Volume.ofLitres(litres)));
    }

    /** How many have to be carried for so much. */
    public int countFor(Volume volume) {
        return (int) Math.ceil(volume.inLitres() / size.inLitres() - 1e-9);
    }
}
