package lumko.app.catalogue;

import java.util.List;
import java.util.UUID;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.NotFoundException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.repository.NoRepositoryBean;

@NoRepositoryBean
interface MergeableRepository<R extends MergeableRow> extends JpaRepository<R, UUID> {
    List<R> findByMergedInto(UUID into);

    default R required(UUID id) {
        return findById(id).orElseThrow(NotFoundException::new);
    }

    /** Two entries are one from now on; what was merged into the first goes along. */
    default void merge(UUID from, UUID into) {
        R row = required(from);
        R target = required(into);
        if (row.mergedInto != null || target.mergedInto != null || from.equals(into)) {
            throw new ChangedMeanwhileException();
        }
        row.mergedInto = into;
        findByMergedInto(from).forEach(other -> other.mergedInto = into);
    }
}
