package lumko.app.tables;

import java.util.List;
import lumko.app.catalogue.NewProduct;
import lumko.app.catalogue.Paints;
import lumko.app.platform.Form;
import org.springframework.stereotype.Component;

/** Products by maker and name. */
@Component
class ProductTaker implements Taker {
    private final Paints paints;

    ProductTaker(Paints paints) {
        this.paints = paints;
    }

    @Override
    public TableKind kind() {
        return TableKind.PRODUCTS;
    }

    @Override
    public void undo(Done done) {
        paints.removeProduct(done.id());
    }

    @Override
    public Run begin(List<Done> done) {
        return row -> take(row, done);
    }

    private Outcome take(Form row, List<Done> done) {
        NewProduct product = NewProduct.read(row);
        String what = product.maker() + " " + product.name();
        if (!product.name().isEmpty() && paints.hasProduct(product.maker(), product.name())) {
            return new Outcome(Result.THERE, what);
        }
        if (row.hasErrors()) {
            return Outcome.refused();
        }
        done.add(Done.made(What.PRODUCT, paints.addProduct(product)));
        return new Outcome(Result.MADE, what);
    }
}
