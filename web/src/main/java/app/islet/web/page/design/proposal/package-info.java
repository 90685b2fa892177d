/** From the animal to a design: who, does it fit, three proposals. */
@NullMarked
package app.islet.web.page.design.proposal;

import org.jspecify.annotations.NullMarked;
