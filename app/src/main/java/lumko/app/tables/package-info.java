/**
 * Tables in: houses, flats, rooms, coats, colours, products, tins and people out of CSV files and spreadsheets, looked at row by row
 * before anything is written, taken in one transaction, and taken back as a whole.
 */
@ApplicationModule(allowedDependencies = {"account", "catalogue", "formats", "history", "house", "platform", "store"})
@NullMarked
package lumko.app.tables;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
