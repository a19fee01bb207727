package barrowmist.server.cupping;

import barrowmist.core.cupping.WordGroup;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A word that a lead took into the vocabulary of the house. */
@Entity
@Table(name = "lab_word")
class LabWordEntity implements Persistable<String> {

    @Id
    private String word;

    @Enumerated(EnumType.STRING)
    private WordGroup wordGroup;

    private @Nullable String sameAs;
    private Instant takenAt;

    @Transient
    private boolean kept;

    protected LabWordEntity() {}

    LabWordEntity(String word, WordGroup group, @Nullable String sameAs, Instant takenAt) {
        this.word = word;
        this.wordGroup = group;
        this.sameAs = sameAs;
        this.takenAt = takenAt;
    }

    String word() {
        return word;
    }

    WordGroup group() {
        return wordGroup;
    }

    /** The word of the program's vocabulary that means the same; null for a word of its own. */
    @Nullable
    String sameAs() {
        return sameAs;
    }

    @Override
    public String getId() {
        return word;
    }

    /** A word is taken in once: a second try is found out by the database. */
    @Override
    public boolean isNew() {
        return !kept;
    }

    @PostLoad
    @PostPersist
    void nowKept() {
        kept = true;
    }
}
