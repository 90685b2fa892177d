/**
 * The fields of a document, as the components of its records say them: name, type, range, what
 * counts where one is left out. Reading, writing, forms and the schema all go by this.
 */
@NullMarked
package app.islet.core.field;

import org.jspecify.annotations.NullMarked;
