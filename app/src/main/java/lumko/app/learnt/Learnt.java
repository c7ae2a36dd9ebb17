package lumko.app.learnt;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.ReferenceData;
import lumko.core.outcome.Learned;
import lumko.core.outcome.Trial;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The models that outcomes have taught, one after the other; the last one counts. */
@Service
@Transactional
public class Learnt {
    private final LearntRepository rows;
    private final JsonMapper json;
    private final Clock clock;
    private final ReferenceData.Kept<Optional<Model>> models;

    Learnt(LearntRepository rows, JsonMapper json, Clock clock, ReferenceData referenceData) {
        this.rows = rows;
        this.json = json;
        this.clock = clock;
        models = referenceData.kept(this::read);
    }

    /**
     * A model as it was tried.
     *
     * @param computed Brier score of the simulation alone on what it was tried on
     * @param learnt of the model, on outcomes that it had not been fitted to
     * @param isUsed whether chances are corrected by it
     */
    public record Model(Learned model, Instant madeAt, double computed, double learnt, boolean isUsed) {}

    /** What chances are corrected by; nothing until a model has foretold better than the simulation alone. */
    @Transactional(readOnly = true)
    public Learned inUse() {
        return latest().filter(Model::isUsed).map(Model::model).orElse(Learned.NOTHING);
    }

    @Transactional(readOnly = true)
    public Optional<Model> latest() {
        return models.get();
    }

    private Optional<Model> read() {
        return rows.findFirstByOrderByMadeAtDesc()
                .map(row -> new Model(
                        Learned.of(
                                json.readValue(row.coefficients, double[].class),
                                json.readValue(row.covariance, double[][].class),
                                row.outcomes),
                        row.madeAt,
                        row.brierComputed,
                        row.brierLearnt,
                        row.isUsed));
    }

    public void keep(Trial trial) {
        models.changes();
        LearntRow row = new LearntRow(UUID.randomUUID());
        row.madeAt = clock.instant();
        row.coefficients = json.writeValueAsString(trial.candidate().coefficients());
        row.covariance = json.writeValueAsString(trial.candidate().covariance());
        row.outcomes = trial.outcomes();
        row.brierComputed = trial.computed();
        row.brierLearnt = trial.learned();
        row.isUsed = trial.isBetter();
        rows.save(row);
    }
}
