/**
 * What a keeper sees, what it may mean, and what to do first; then the vet. Everything here is data
 * that can be read and copied (YAML: signs, what is normal, causes, steps); the classes only look
 * it up in one order: people, the animal out of danger, test, compare, first aid, watch. No dose of
 * anything stands in it: treatment is the vet's. Temperatures in °C, concentrations in mg/L as
 * nitrogen.
 */
@NullMarked
package app.islet.core.health;

import org.jspecify.annotations.NullMarked;
